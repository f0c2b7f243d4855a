// What the rules about loads, levels, capacitors and supply say.
#include <algorithm>
#include <cmath>

#include "core/evaluate/supply.h"
#include "words/figures.h"
#include "words/name_words.h"
#include "words/rule_words.h"
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

}  // namespace

FindingText sayLoadUnderMinimum(const Finding& f)
{
    return {
        Words::tr("The source sees only %1").arg(ohms(figureOf(f, Quantity::LeastImpedance_ohm))),
        Words::tr("Least load %1 at %2; its stable minimum of %3 nominal allows down to %4.")
            .arg(ohms(figureOf(f, Quantity::LeastImpedance_ohm)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                 ohms(figureOf(f, Quantity::LeastLoad_ohm)), ohms(limit(f, Quantity::LeastImpedance_ohm))),
        Words::tr(
            "Below it the output stage carries more current than it was built for: it cuts out, overheats or dies.")};
}

FindingText sayLowerLoadOnFactory(const Finding& f)
{
    return {Words::tr("Less resistance than the factory speaker had"),
            Words::tr("%1 (%2) instead of %3 (%4): %5 of the old one, wanted %6.")
                .arg(ohms(figureOf(f, Quantity::Re_ohm)), nameOf(evidenceOf(f, Quantity::Re_ohm, f.stage).figure.worst),
                     ohms(before(f, Quantity::Re_ohm)), nameOf(evidenceOf(f, Quantity::Re_ohm, *f.from).figure.worst),
                     percent(figureOf(f, Quantity::Ratio)), percent(limit(f, Quantity::Ratio))),
            Words::tr("The factory source drives more current all the time. Nearer ohms, or a warm-up test with a hand "
                      "on the case, settle it.")};
}

FindingText sayLessLevel(const Finding& f)
{
    return {
        Words::tr("The new speaker plays %1 quieter").arg(decibels(-figureOf(f, Quantity::LevelChange_db))),
        Words::tr("%1 instead of %2: %3 where it plays, at the same volts, noted from %4.")
            .arg(ohms(figureOf(f, Quantity::Nominal_ohm)), ohms(before(f, Quantity::Nominal_ohm)),
                 decibelChange(figureOf(f, Quantity::LevelChange_db)), decibels(-limit(f, Quantity::LevelChange_db))),
        Words::tr(
            "A higher impedance draws less power from the same source; only a more sensitive driver gives it back.")};
}

FindingText sayCoilOverRating(const Finding& f)
{
    return {
        Words::tr("The coil can get more than it is rated for"),
        Words::tr("Programme %1, a sine at %2 up to %3; rated %4.")
            .arg(watts(figureOf(f, Quantity::ProgrammePower_w)), frequency(figureOf(f, Quantity::AtFrequency_hz)),
                 watts(figureOf(f, Quantity::SinePower_w)), watts(figureOf(f, Quantity::Power_w))),
        Words::tr(
            "With the source at its limit the coil heats beyond its rating; nothing in it says so before it fails.")};
}

FindingText sayKeptCapacitor(const Finding& f)
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

FindingText sayFuseAndCable(const Finding& f)
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

FindingText sayCapacitorOnFilteredOutput(const Finding& f)
{
    return {Words::tr("A capacitor behind an output that is filtered already"),
            Words::tr("The channel holds back below %1; %2 cuts again at %3.")
                .arg(frequency(figureOf(f, Quantity::HighPass_hz)), farads(figureOf(f, Quantity::Capacitance_f)),
                     frequency(figureOf(f, Quantity::Corner_hz))),
            Words::tr("Two schools: keep it, it still protects if the filter is ever switched off; bypass it, two "
                      "filters stacked thin the sound.")};
}

}  // namespace words
