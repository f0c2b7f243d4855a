#include "words/source_words.h"

#include <QStringList>

#include "words/figures.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

QString nameOf(Control control)
{
    switch (control) {
        case Control::HighPass:
            return Words::tr("high-pass");
        case Control::LowPass:
            return Words::tr("low-pass");
        case Control::Equaliser:
            return Words::tr("equaliser");
        case Control::ChannelGain:
            return Words::tr("level of each channel");
        case Control::Polarity:
            return Words::tr("polarity");
    }
    return {};
}

QString nameOf(SourceGap gap)
{
    switch (gap) {
        case SourceGap::Where:
            return Words::tr("where it is");
        case SourceGap::Power:
            return Words::tr("its rated power");
        case SourceGap::LeastLoad:
            return Words::tr("its least load");
        case SourceGap::Band:
            return Words::tr("whether it is full range");
        case SourceGap::Ground:
            return Words::tr("whether its outputs float");
        case SourceGap::LineOutputs:
            return Words::tr("line outputs");
        case SourceGap::Controls:
            return Words::tr("what it can be set to");
        case SourceGap::Pins:
            return Words::tr("pins not proved");
    }
    return {};
}

QString textOf(const std::set<SourceGap>& gaps)
{
    if (gaps.empty()) return {};
    QStringList names;
    for (const SourceGap gap : gaps) names << nameOf(gap);
    return Words::tr("Still open: %1.").arg(names.join(Words::tr(", ")));
}

QString feedsText(const Body& body)
{
    QStringList lines;
    for (const auto& [quantity, known] : body.feeds)
        lines << (known.value == 0.0 && quantity != Quantity::FeedGround_ohm
                      ? Words::tr("no %1").arg(labelOf(quantity))
                      : Words::tr("%1 %2").arg(labelOf(quantity), fieldText(quantity, known.value, spokenUnits())));
    return lines.join(Words::tr(" · "));
}

QString openFeedsText(const Body& body)
{
    QStringList names;
    for (const Quantity feed : feedGaps(body)) names << labelOf(feed);
    return names.isEmpty() ? QString() : Words::tr("Not measured yet: %1.").arg(names.join(Words::tr(", ")));
}

QString nameOfPin(const PinNote* pin)
{
    if (!pin || pin->basis.origin == Origin::ClassGuess) return Words::tr("unverified");
    const QString how = pin->basis.origin == Origin::Measured ? Words::tr("measured") : Words::tr("in papers");
    return pin->basis.toConfirm ? Words::tr("%1, to confirm").arg(how) : how;
}

QString nameOf(Continuity verdict)
{
    switch (verdict) {
        case Continuity::NotRead:
            return Words::tr("not read yet");
        case Continuity::AsExpected:
            return Words::tr("as expected");
        case Continuity::Open:
            return Words::tr("a wire, a plug or the coil is broken");
        case Continuity::Short:
            return Words::tr("two wires touch");
        case Continuity::Other:
            return Words::tr("not what is written: another driver, a bad joint, or another wire");
    }
    return {};
}

QString textOf(const ContinuityRow& row, const Fitout& fitout)
{
    QStringList coils;
    for (const Port& coil : row.coils) coils << nameOf(Subject{coil.device}, fitout);
    const auto wire = [](const std::string& colour) {
        return colour.empty() ? Words::tr("no colour noted") : QString::fromStdString(colour);
    };
    const QString expected = row.expected_ohm ? Words::tr("expect %1").arg(ohms(*row.expected_ohm))
                                              : Words::tr("expect open, a capacitor lies between");
    const QString line = Words::tr("%1 · + %2, − %3 · %4 · %5")
                             .arg(QString::fromStdString(row.channel.element), wire(row.plusColour),
                                  wire(row.minusColour), coils.join(Words::tr(" and ")), expected);
    if (!row.read_ohm) return Words::tr("%1 · %2").arg(line, nameOf(row.verdict));
    constexpr double kShownAsOpen_ohm = 1e5;
    const QString read = *row.read_ohm >= kShownAsOpen_ohm ? Words::tr("open") : ohms(*row.read_ohm);
    return Words::tr("%1 · read %2, %3").arg(line, read, nameOf(row.verdict));
}

QString stateOf(const std::vector<ContinuityRow>& rows)
{
    if (rows.empty()) return Words::tr("Nothing hangs on any channel yet.");
    int open = 0, wrong = 0;
    for (const ContinuityRow& row : rows) {
        open += row.verdict == Continuity::NotRead ? 1 : 0;
        wrong += row.verdict != Continuity::NotRead && row.verdict != Continuity::AsExpected ? 1 : 0;
    }
    if (open == 0 && wrong == 0) return Words::tr("Every channel reads as written: order on it.");
    QStringList lines;
    if (wrong > 0)
        lines << Words::tr("%n channel(s) not as written: settle that before anything is ordered.", nullptr, wrong);
    if (open > 0) lines << Words::tr("%n channel(s) to read before anything is ordered.", nullptr, open);
    return lines.join(QLatin1Char(' '));
}

}  // namespace words
