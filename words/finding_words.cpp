#include "words/finding_words.h"

#include <algorithm>
#include <cmath>

#include "core/evaluate/supply.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/quantity_words.h"
#include "words/rule_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

// Where the figure that fired could lie.
QString couldText(const Finding& finding, const Range& could)
{
    const Quantity what = finding.evidence.front().what.what;
    const auto say = [&](double value) {
        return what == Quantity::Ratio            ? percent(value)
               : what == Quantity::LevelChange_db ? decibelChange(value)
                                                  : figureOf(what, value);
    };
    return Words::tr("With what nobody measured: %1 %2 to %3.").arg(labelOf(what), say(could.low), say(could.high));
}

}  // namespace

FindingText textOf(const Finding& finding)
{
    using Say = FindingText (*)(const Finding&);
    static constexpr Say kSay[] = {
#define RULE(name, code) say##name,
#include "core/model/rules.def"
    };
    FindingText text = kSay[static_cast<size_t>(finding.rule)](finding);
    if (finding.couldBe)
        text.reason =
            Words::tr("Could be: it rests on what nobody measured, and one reading settles it. %1").arg(text.reason);
    if (finding.evidence.empty()) return text;  // something is so, or not: no figure tells how much
    if (const auto& could = finding.evidence.front().figure.could)
        text.numbers = Words::tr("%1 %2").arg(text.numbers, couldText(finding, *could));
    return text;
}

QString textOf(const Mend& mend)
{
    switch (mend.name) {
        case MendName::ReplaceCapacitor:
            return Words::tr("use %1").arg(farads(mend.figure));
        case MendName::BypassCapacitor:
            return Words::tr("bypass it");
        case MendName::ChooseDriver:
            return Words::tr("best other driver");
        case MendName::MeasureRe:
            return Words::tr("measure it");
        case MendName::SetHighPass:
            return Words::tr("high-pass %1").arg(frequency(mend.figure));
        case MendName::MeasureFit:
            return Words::tr("measure it");
        case MendName::FitSpacer:
            return mend.figure > 0.0 ? Words::tr("spacer %1").arg(spokenLength(mend.figure))
                                     : Words::tr("take the spacer out");
        case MendName::FitRing:
            return Words::tr("ring %1 wide").arg(spokenLength(mend.figure));
        case MendName::CutHole:
            return Words::tr("cut it, saw %1").arg(spokenLength(mend.figure));
        case MendName::LeaveUncut:
            return Words::tr("leave it uncut");
        case MendName::HigherRating:
            return Words::tr("one for %1").arg(volts(mend.figure));
        case MendName::FindSplit:
            return Words::tr("find a crossover");
        case MendName::TurnBoardRound:
            return Words::tr("wire it the right way round");
        case MendName::MakeForOhms:
            return Words::tr("the same filter for %1").arg(ohms(mend.figure));
        case MendName::SiteElsewhere:
            return Words::tr("beside its speaker");
        case MendName::FeedFullRange:
            return Words::tr("feed it from a full-range channel");
        case MendName::DropHighPass:
            return Words::tr("high-pass off, %1").arg(frequency(mend.figure));
        case MendName::AllowCutting:
            return Words::tr("the owner agrees to cut");
        case MendName::CutByTemplate:
            return Words::tr("cut to %1 by template").arg(spokenLength(mend.figure));
        case MendName::ForgetCutout:
            return Words::tr("strike the hole out");
        case MendName::TurnDriver:
            return Words::tr("turn it as the holes want");
        case MendName::FitBracket:
            return Words::tr("a bracket from the shelf");
        case MendName::BreakTabs:
            return Words::tr("break the tabs off: %1 holes meet then").arg(plainNumber(mend.figure));
        case MendName::NewScrewHoles:
            return Words::tr("new pilot holes");
        case MendName::OpenCover:
            return Words::tr("open the cover");
        case MendName::FixByBracket:
            return Words::tr("bracket");
        case MendName::FixByRing:
            return Words::tr("ring and screws");
        case MendName::SealEdge:
            return Words::tr("seal the edge");
        case MendName::WireHole:
            return Words::tr("%1 hole and bush").arg(spokenLength(mend.figure));
        case MendName::WireLength:
            return Words::tr("cut to %1").arg(length(mend.figure));
        case MendName::ShorterScrews:
            return Words::tr("screws of %1").arg(spokenLength(mend.figure));
        case MendName::CutObstruction:
            return Words::tr("cut it away, %1 more").arg(spokenLength(mend.figure));
        case MendName::LeaveObstruction:
            return Words::tr("leave it whole");
        case MendName::CoilsInSeries:
            return Words::tr("coils in series, %1").arg(ohms(mend.figure));
        case MendName::CoilsInParallel:
            return Words::tr("coils in parallel, %1").arg(ohms(mend.figure));
        case MendName::TurnCoil:
            return Words::tr("turn that coil over");
        case MendName::AddCapacitor:
            return Words::tr("add %1").arg(farads(mend.figure));
        case MendName::AddResistor:
            return Words::tr("%1 in series, %2").arg(ohms(mend.figure), decibelChange(mend.cost_db));
        case MendName::TurnOver:
            return Words::tr("turn it like its twin");
        case MendName::TakeBridgeOut:
            return Words::tr("take the bridge out, %1").arg(farads(mend.figure));
        case MendName::ConnectDriver:
            return Words::tr("feed it from a free channel");
        case MendName::FitFuse:
            return Words::tr("a fuse of %1 A").arg(plainNumber(mend.figure));
        case MendName::ThickerCable:
            return Words::tr("cable of %1 mm²").arg(plainNumber(std::ceil(mend.figure * 1e7) / 10.0));
        case MendName::TurnToEars:
            return Words::tr("turn both");
        case MendName::MoveToSpot:
            return Words::tr("find a better spot");
        case MendName::AlignSides:
            return Words::tr("delay and level");
        case MendName::MirrorSides:
            return Words::tr("mirror this side");
        case MendName::PutBack:
            return Words::tr("back to where it was");
        case MendName::SeatFlush:
            return Words::tr("let it in flush");
        case MendName::SetGain:
            return Words::tr("turn it down %1").arg(decibels(-mend.figure));
    }
    return {};
}

}  // namespace words
