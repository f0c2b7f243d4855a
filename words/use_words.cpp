#include "words/use_words.h"

#include <QStringList>

#include "words/figures.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(Demand demand)
{
    switch (demand) {
        case Demand::Wind:
            return Words::tr("wind");
        case Demand::Water:
            return Words::tr("water and dust");
        case Demand::Vibration:
            return Words::tr("shaking");
        case Demand::Heat:
            return Words::tr("sun and heat");
        case Demand::Theft:
            return Words::tr("theft");
    }
    return {};
}

QString nameOf(Extra extra)
{
    switch (extra) {
        case Extra::Tethers:
            return Words::tr("tethers");
        case Extra::TamperProofBolts:
            return Words::tr("tamper-proof bolts");
        case Extra::Badges:
            return Words::tr("badges");
        case Extra::LightController:
            return Words::tr("light controller");
    }
    return {};
}

QString protectionAgainst(Demand demand)
{
    switch (demand) {
        case Demand::Wind:
            return Words::tr("Against the wind: every cover and lead held so that nothing flutters or lifts at speed.");
        case Demand::Water:
            return Words::tr(
                "Against water: sealed plugs, a drip loop before each, networks on the dry side, drains left open.");
        case Demand::Vibration:
            return Words::tr(
                "Against shaking: lock washers under the screws, a tether on what could fall, plugs tied to their "
                "driver.");
        case Demand::Heat:
            return Words::tr(
                "Against heat: nothing held by adhesive alone in the sun, air round the amplifier, leads clear of hot "
                "parts.");
        case Demand::Theft:
            return Words::tr("Against theft: tamper-proof bolts where a hand reaches, numbers written down.");
    }
    return {};
}

QString proofAgainst(Demand demand)
{
    switch (demand) {
        case Demand::Wind:
            return Words::tr(
                "At the speed it is driven, first slowly: nothing flutters, and speech is still understood.");
        case Demand::Water:
            return Words::tr(
                "Water over it as rain would come, power off; then look into each place and listen again.");
        case Demand::Vibration:
            return Words::tr("A rough road; then a wrench on every fixing and a pull on every plug.");
        case Demand::Heat:
            return Words::tr("An hour at level in the sun: nothing too hot to hold, nothing let go, no shut-down.");
        case Demand::Theft:
            return {};
    }
    return {};
}

QString textOf(const OverNoise& bands)
{
    QStringList lines, drown;
    for (size_t i = 0; i < bands.size(); ++i) {
        const BandOverNoise& band = bands[i];
        const QString name = nameOf(static_cast<Band>(i));
        lines << Words::tr("%1 %2").arg(name, decibelChange(band.over_db, 0));
        if (!band.enough()) drown << name;
    }
    const QString over = Words::tr("At its speed, by estimate, programme at its loudest stands over the noise by: %1.")
                             .arg(lines.join(Words::tr(", ")));
    return drown.isEmpty() ? over
                           : Words::tr("%1 Under the %2 wanted: %3.")
                                 .arg(over, decibels(bands.front().wanted_db), drown.join(Words::tr(", ")));
}

QString briefOf(const OverNoise& bands)
{
    const auto over = [&](Band band) { return decibelChange(bands[static_cast<size_t>(band)].over_db, 0); };
    return Words::tr("Over the wind at this head: middle %1, treble %2; %3 wanted, by estimate.")
        .arg(over(Band::Mid), over(Band::Treble), decibels(bands.front().wanted_db));
}

}  // namespace words
