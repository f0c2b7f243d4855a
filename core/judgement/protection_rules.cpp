#include "core/judgement/protection_rules.h"

#include <cmath>

#include "core/edits/filter_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/evaluate/run_change.h"
#include "core/physics/level.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"

namespace core {
namespace {

// How far under its loudest a coil's voltage is at a frequency.
double heldBack_db(const RunResult& run, const Eigen::ArrayXd& hz, double frequency_hz)
{
    const Eigen::ArrayXd volts = run.transfer.abs();
    Eigen::Index nearest = 0;
    (hz - frequency_hz).abs().minCoeff(&nearest);
    constexpr double kNothing = 1e-12;
    return decibels((volts.maxCoeff() + kNothing) / (volts(nearest) + kNothing));
}

// What keeps the lows out of a run: a capacitor before its coil, or the channel itself.
bool hasHighPass(const StageResult& stage, const RunResult& run)
{
    return !run.run.seriesCapacitors.empty() || findCircuit(stage, run.run.id.channel)->filteredLow;
}

// The largest value of the series whose corner into this impedance is no lower than asked.
std::optional<double> protectingCapacitor_f(double corner_hz, double nominal_ohm)
{
    const auto exact = seriesCapacitance_f(corner_hz, nominal_ohm);
    if (!exact) return std::nullopt;
    const double nearest = nearestPreferred(exact->value, PreferredSeries::E6)->value;
    return nearest <= exact->value ? nearest : preferredBelow(nearest, PreferredSeries::E6)->value;
}

}  // namespace

bool isTweeter(const RunResult& run, const Practice& practice)
{
    return run.driver.sd_m2 < practice[PracticeKey::LargestTweeter_m2];
}

std::vector<Finding> judgeTweeterUnprotected(const Judging& judging)
{
    const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
    constexpr double kLow_ratio = 0.1;  // of its resonance: there it can do nothing but heat and strike
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        if (run->sameCone || !isTweeter(*run, judging.practice)) continue;
        const double low_hz = std::max(kLow_ratio * run->driver.fs_hz, hz(0));
        const double limit_db = judging.practice[PracticeKey::TweeterLows_db];
        const double held_db = heldBack_db(*run, hz, low_hz);
        if (!under(held_db, limit_db)) continue;
        const Port& coil = run->run.id.coil;
        const ConeResult& cone = coneOf(judging.goal, *run);
        Finding finding{.rule = RuleId::TweeterUnprotected, .severity = Severity::Stop, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {
            {{coil, Quantity::LevelChange_db},
             judging.goalId,
             {-held_db, run->worst},
             -limit_db,
             PracticeKey::TweeterLows_db},
            {{coil, Quantity::AtFrequency_hz}, judging.goalId, {low_hz, run->worst}, {}, {}},
            {{coil, Quantity::ProgrammePower_w}, judging.goalId, {cone.programme_w, cone.worst}, {}, {}},
            {{coil, Quantity::ProgrammeTravel_m}, judging.goalId, {cone.travel.programme_m, cone.worst}, {}, {}},
            {{coil, Quantity::Xmax_m},
             judging.goalId,
             {run->driver.xmax_m, run->coil.at(Quantity::Xmax_m).basis.origin},
             {},
             {}}};
        const double corner_hz = judging.practice[PracticeKey::TweeterSplit_ratio] * run->driver.fs_hz;
        if (const auto value_f = protectingCapacitor_f(corner_hz, run->driver.nominal_ohm))
            finding.mends.push_back(
                {MendName::AddCapacitor, *value_f, addCapacitor(judging.plan, coil.device, *value_f)});
        finding.mends.push_back(chooseDriverMend(coil.device));
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeHighPassLost(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const RunResult* before = findRun(judging.found, run->run.id);
        if (run->sameCone || !before || !hasHighPass(judging.found, *before) || hasHighPass(judging.goal, *run) ||
            isTweeter(*run, judging.practice))
            continue;
        Finding finding{
            .rule = RuleId::HighPassLost, .severity = Severity::Care, .stage = judging.goalId, .from = kFound};
        finding.where = judging.alike(coil.device);
        const ConeResult& cone = coneOf(judging.goal, *run);
        finding.evidence = {
            {{coil, Quantity::ProgrammeTravel_m}, judging.goalId, {cone.travel.programme_m, cone.worst}, {}, {}},
            {{coil, Quantity::Xmax_m},
             judging.goalId,
             {run->driver.xmax_m, run->coil.at(Quantity::Xmax_m).basis.origin},
             {},
             {}}};
        if (before->idealCorner_hz) {
            finding.evidence.push_back(
                {{run->run.id, Quantity::Corner_hz}, kFound, {*before->idealCorner_hz, before->worst}, {}, {}});
            const FilterFound filter = filterOf(judging.goal.used, coil.device);
            if (filter.bridged)
                finding.mends.push_back({MendName::TakeBridgeOut, *before->seriesCapacitance_f,
                                         takeBridgeOut(judging.plan, filter.capacitor)});
            if (const auto restoring = restoringCapacitor(*before->idealCorner_hz, run->driver.nominal_ohm))
                if (!filter.bridged)
                    finding.mends.push_back({MendName::AddCapacitor, restoring->e6_f,
                                             addCapacitor(judging.plan, coil.device, restoring->e6_f)});
        }
        const Filter filter{std::ceil(run->driver.fs_hz / 10.0) * 10.0, 2};
        finding.mends.push_back(
            {MendName::SetHighPass, filter.frequency_hz, setHighPass(judging.plan, run->run.id.channel, filter)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
