#include "words/split_words.h"

#include <QStringList>

#include "words/calc_words.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/settings_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(SplitKind kind)
{
    switch (kind) {
        case SplitKind::NoNewParts:
            return Words::tr("no new parts");
        case SplitKind::FewestParts:
            return Words::tr("one part");
        case SplitKind::MostEven:
            return Words::tr("most even");
        case SplitKind::OneCorner:
            return Words::tr("one corner for both");
    }
    return {};
}

namespace {

// What the channels are set to: each filter that parts the two, level where it is not the others', polarity.
QString settingsOf(const SplitCandidate& found)
{
    QStringList set;
    if (const auto& filter = found.low->lowPass)
        set << Words::tr("lower one to %1, %2").arg(frequency(filter->frequency_hz), nameOf(filter->shape()));
    if (const auto& filter = found.high->highPass)
        set << Words::tr("higher one from %1, %2").arg(frequency(filter->frequency_hz), nameOf(filter->shape()));
    if (const double level_db = found.high->gain_db - found.low->gain_db; level_db != 0.0)
        set << Words::tr("the higher one %1 against the lower").arg(decibelChange(level_db));
    if (found.turned) set << Words::tr("the higher one turned over");
    return set.isEmpty() ? Words::tr("as it stands") : set.join(QStringLiteral("; "));
}

}  // namespace

QString partsOf(const SplitCandidate& found)
{
    if (found.low && found.high) return settingsOf(found);
    QStringList parts;
    const TwoWayParts& one = found.parts;
    if (one.wooferCoil_h) parts << Words::tr("woofer coil %1").arg(figure(*one.wooferCoil_h, "H"));
    if (one.wooferShunt_f) parts << Words::tr("woofer capacitor %1").arg(farads(*one.wooferShunt_f));
    if (one.tweeterSeries_f) parts << Words::tr("tweeter capacitor %1").arg(farads(*one.tweeterSeries_f));
    if (one.tweeterShunt_h) parts << Words::tr("tweeter coil %1").arg(figure(*one.tweeterShunt_h, "H"));
    if (one.tweeterPad_ohm) parts << Words::tr("tweeter resistor %1").arg(ohms(*one.tweeterPad_ohm));
    if (parts.isEmpty()) parts << Words::tr("as it stands");
    if (found.turned) parts << Words::tr("tweeter turned over");
    return parts.join(QStringLiteral(", "));
}

QString jottedParts(const SplitCandidate& found)
{
    if (found.low && found.high) return settingsOf(found);
    const TwoWayParts& one = found.parts;
    QStringList low, high;
    if (one.wooferCoil_h) low << figure(*one.wooferCoil_h, "H");
    if (one.wooferShunt_f) low << farads(*one.wooferShunt_f);
    if (one.tweeterSeries_f) high << farads(*one.tweeterSeries_f);
    if (one.tweeterShunt_h) high << figure(*one.tweeterShunt_h, "H");
    if (one.tweeterPad_ohm) high << ohms(*one.tweeterPad_ohm);
    if (found.turned) high << Words::tr("turned over");
    QStringList both;
    if (!low.isEmpty()) both << Words::tr("woofer %1").arg(low.join(QStringLiteral(", ")));
    if (!high.isEmpty()) both << Words::tr("tweeter %1").arg(high.join(QStringLiteral(", ")));
    return both.isEmpty() ? Words::tr("as it stands") : both.join(QStringLiteral("; "));
}

QString headOf(const SplitSearch& search, const StageResult& stage)
{
    const auto name = [&](size_t run) { return nameOf(Subject{stage.runs[run].run.id.coil.device}, stage.used); };
    return Words::tr("%1 over from %2: %3 tried, %4 refused for the tweeter or the load")
        .arg(name(search.pair.high), name(search.pair.low))
        .arg(search.tried)
        .arg(search.refused);
}

QString lineOf(const SplitSum& now)
{
    const QString holes = Words::tr("hole %1, with the tweeter turned over %2")
                              .arg(decibels(now.wired.hole_db), decibels(now.turned.hole_db));
    return now.clear() ? Words::tr("  now: hand-over %1, %2").arg(frequency(*now.at_hz), holes)
                       : Words::tr("  now: no clear split; %1").arg(holes);
}

QString lineOf(const SplitAnswer& answer)
{
    const SplitCandidate& found = answer.found;
    const QString at =
        found.at_hz > 0.0 ? Words::tr("hand-over %1").arg(frequency(found.at_hz)) : Words::tr("no hand-over");
    return Words::tr("  %1: %2, uneven by %3, load %4 at least: %5")
        .arg(nameOf(answer.kind), at, decibels(found.even_db), ohms(found.least_ohm), partsOf(found));
}

}  // namespace words
