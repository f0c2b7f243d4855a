#include "words/finding_words.h"

#include <algorithm>
#include <cmath>

#include "core/evaluate/supply.h"
#include "words/driver_finding_words.h"
#include "words/figures.h"
#include "words/fit_words.h"
#include "words/name_words.h"
#include "words/tr.h"

namespace words {

using namespace core;

namespace {

double figureAt(const Finding& finding, Quantity quantity, StageId stage)
{
    return evidenceOf(finding, quantity, stage).figure.value;
}
double before(const Finding& finding, Quantity quantity)
{
    return figureAt(finding, quantity, *finding.from);
}
double limit(const Finding& finding, Quantity quantity)
{
    return evidenceOf(finding, quantity, finding.stage).limit.value_or(0.0);
}

FindingText loadUnderMinimum(const Finding& f)
{
    return {
        Words::tr("The source sees only %1").arg(ohms(figureOf(f, Quantity::LeastImpedance_ohm))),
        Words::tr("Least load %1 at %2; its stable minimum of %3 nominal allows down to %4.")
            .arg(ohms(figureOf(f, Quantity::LeastImpedance_ohm)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                 ohms(figureOf(f, Quantity::LeastLoad_ohm)), ohms(limit(f, Quantity::LeastImpedance_ohm))),
        Words::tr(
            "Below it the output stage carries more current than it was built for: it cuts out, overheats or dies.")};
}

FindingText lowerLoad(const Finding& f)
{
    return {Words::tr("Less resistance than the factory speaker had"),
            Words::tr("%1 (%2) instead of %3 (%4): %5 of the old one, wanted %6.")
                .arg(ohms(figureOf(f, Quantity::Re_ohm)), nameOf(evidenceOf(f, Quantity::Re_ohm, f.stage).figure.worst),
                     ohms(before(f, Quantity::Re_ohm)), nameOf(evidenceOf(f, Quantity::Re_ohm, *f.from).figure.worst),
                     percent(figureOf(f, Quantity::Ratio)), percent(limit(f, Quantity::Ratio))),
            Words::tr("The factory source drives more current all the time. Nearer ohms, or a warm-up test with a hand "
                      "on the case, settle it.")};
}

FindingText lessLevel(const Finding& f)
{
    return {
        Words::tr("The new speaker plays %1 quieter").arg(decibels(-figureOf(f, Quantity::LevelChange_db))),
        Words::tr("%1 instead of %2: %3 where it plays, at the same volts, noted from %4.")
            .arg(ohms(figureOf(f, Quantity::Nominal_ohm)), ohms(before(f, Quantity::Nominal_ohm)),
                 decibelChange(figureOf(f, Quantity::LevelChange_db)), decibels(-limit(f, Quantity::LevelChange_db))),
        Words::tr(
            "A higher impedance draws less power from the same source; only a more sensitive driver gives it back.")};
}

FindingText coilOverRating(const Finding& f)
{
    return {
        Words::tr("The coil can get more than it is rated for"),
        Words::tr("Programme %1, a sine at %2 up to %3; rated %4.")
            .arg(watts(figureOf(f, Quantity::ProgrammePower_w)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                 watts(figureOf(f, Quantity::SinePower_w)), watts(figureOf(f, Quantity::Power_w))),
        Words::tr(
            "With the source at its limit the coil heats beyond its rating; nothing in it says so before it fails.")};
}

FindingText keptCapacitor(const Finding& f)
{
    return {
        Words::tr("The capacitor's nominal corner is %1 now, not %2")
            .arg(frequency(figureOf(f, Quantity::Corner_hz)), frequency(before(f, Quantity::Corner_hz))),
        Words::tr("%1 into %2: %3 away from where it was, at most %4 goes unnoticed.")
            .arg(farads(figureOf(f, Quantity::Capacitance_f)), ohms(figureOf(f, Quantity::Nominal_ohm)),
                 octaves(figureOf(f, Quantity::CornerShift_octave)), octaves(limit(f, Quantity::CornerShift_octave))),
        std::any_of(f.mends.begin(), f.mends.end(),
                    [](const Mend& mend) { return mend.name == MendName::ReplaceCapacitor; })
            ? Words::tr("It was chosen for the old impedance. Kept, it moves the lowest note this place plays.")
            : Words::tr("It was chosen for the old impedance. No single capacitor puts the corner back and holds "
                        "the cone within its travel: a filter of the channel, or another driver, does.")};
}

FindingText fuseAndCable(const Finding& f)
{
    const auto evidence = [&](Quantity what) -> std::optional<double> {
        for (const Evidence& one : f.evidence)
            if (one.what.what == what) return one.figure.value;
        return std::nullopt;
    };
    const auto draw_a = evidence(Quantity::SupplyDraw_a), ampacity_a = evidence(Quantity::Ampacity_a);
    const QString draws = draw_a ? Words::tr("draws about %1 at full drive").arg(amperes(*draw_a))
                                 : Words::tr("nobody knows what it draws");
    const QString fuse = amperes(figureOf(f, Quantity::Fuse_a));
    if (ampacity_a)
        return {Words::tr("The fuse does not protect its cable"),
                Words::tr("Fuse %1; the cable carries %2 at least; it %3.").arg(fuse, amperes(*ampacity_a), draws),
                Words::tr("In a short the cable burns before the fuse goes.")};
    if (f.severity == Severity::Stop)
        return {Words::tr("The added amplifier has no fuse"), Words::tr("None noted; it %1.").arg(draws),
                Words::tr("A cable from the battery without one is a fire in a short. It sits within %1 of cable from "
                          "the battery.")
                    .arg(length(kFuseWithin_m))};
    if (!f.evidence.front().limit)
        return {Words::tr("Nobody said which cable the fuse protects"), Words::tr("Fuse %1; it %2.").arg(fuse, draws),
                Words::tr("A fuse is chosen for its cable: where that is thinner, the cable burns first.")};
    return {Words::tr("The fuse is smaller than the load"), Words::tr("Fuse %1; it %2.").arg(fuse, draws),
            Words::tr("It blows in a loud passage, with nothing wrong.")};
}

FindingText doubleFilter(const Finding& f)
{
    return {Words::tr("A capacitor behind an output that is filtered already"),
            Words::tr("The channel holds back below %1; %2 cuts again at %3.")
                .arg(frequency(figureOf(f, Quantity::HighPass_hz)), farads(figureOf(f, Quantity::Capacitance_f)),
                     frequency(figureOf(f, Quantity::Corner_hz))),
            Words::tr("Two schools: keep it, it still protects if the filter is ever switched off; bypass it, two "
                      "filters stacked thin the sound.")};
}

// Where the figure that fired could lie.
QString couldText(const Finding& finding, const Range& could)
{
    const auto say = [&](const QString& what, QString (*text)(double)) {
        return Words::tr("With what nobody measured, %1 could be %2 to %3.")
            .arg(what, text(could.low), text(could.high));
    };
    switch (finding.evidence.front().what.what) {
        case Quantity::LeastImpedance_ohm:
            return say(Words::tr("the load"), ohms);
        case Quantity::Ratio:
            return say(Words::tr("that share"), percent);
        case Quantity::LevelChange_db:
            return say(Words::tr("the change"), [](double value_db) { return decibelChange(value_db); });
        case Quantity::SinePower_w:
            return say(Words::tr("the sine"), watts);
        case Quantity::ProgrammeTravel_m:
            return say(Words::tr("the travel"), [](double value_m) { return length(value_m); });
        default:
            return say(Words::tr("the programme"), watts);
    }
}

}  // namespace

FindingText textOf(const Finding& finding)
{
    FindingText text;
    switch (finding.rule) {
        case RuleId::LoadUnderMinimum:
            text = loadUnderMinimum(finding);
            break;
        case RuleId::LowerLoadOnFactory:
            text = lowerLoad(finding);
            break;
        case RuleId::LessLevel:
            text = lessLevel(finding);
            break;
        case RuleId::CoilOverRating:
            text = coilOverRating(finding);
            break;
        case RuleId::KeptCapacitor:
            text = keptCapacitor(finding);
            break;
        case RuleId::CapacitorOnFilteredOutput:
            text = doubleFilter(finding);
            break;
        case RuleId::FuseAndCable:
            text = fuseAndCable(finding);
            break;
        case RuleId::CoilsFight:
        case RuleId::CoilOpen:
        case RuleId::DriverUnfed:
        case RuleId::TweeterUnprotected:
        case RuleId::HighPassLost:
        case RuleId::TravelWithProgramme:
        case RuleId::SubwooferTravel:
        case RuleId::PairTurnedOver:
        case RuleId::BassLostByFlip:
            text = driverText(finding);
            break;
        default:
            text = fitText(finding);
            break;
    }
    if (finding.couldBe)
        text.reason =
            Words::tr("Could be: it rests on what nobody measured, and one reading settles it. %1").arg(text.reason);
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
            return mend.figure > 0.0 ? Words::tr("spacer %1").arg(marginText(mend.figure, UnitSystem::Metric))
                                     : Words::tr("take the spacer out");
        case MendName::FitRing:
            return Words::tr("ring %1 wide").arg(marginText(mend.figure, UnitSystem::Metric));
        case MendName::CutHole:
            return Words::tr("cut it, saw %1").arg(marginText(mend.figure, UnitSystem::Metric));
        case MendName::LeaveUncut:
            return Words::tr("leave it uncut");
        case MendName::AllowCutting:
            return Words::tr("the owner agrees to cut");
        case MendName::CutByTemplate:
            return Words::tr("cut to %1 by template").arg(marginText(mend.figure, UnitSystem::Metric));
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
            return Words::tr("%1 hole and bush").arg(marginText(mend.figure, UnitSystem::Metric));
        case MendName::WireLength:
            return Words::tr("cut to %1").arg(length(mend.figure));
        case MendName::ShorterScrews:
            return Words::tr("screws of %1").arg(marginText(mend.figure, UnitSystem::Metric));
        case MendName::CutObstruction:
            return Words::tr("cut it away, %1 more").arg(marginText(mend.figure, UnitSystem::Metric));
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
        case MendName::SetGain:
            return Words::tr("turn it down %1").arg(decibels(-mend.figure));
    }
    return {};
}

}  // namespace words
