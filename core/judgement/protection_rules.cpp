#include "core/judgement/protection_rules.h"

#include <cmath>

#include "core/advice/run_change.h"
#include "core/edits/filter_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/grid_tables.h"
#include "core/limits/sound_limits.h"
#include "core/physics/preferred_values.h"

namespace core {
namespace {

// What keeps the lows out of a run: a capacitor before its coil, or the channel itself.
bool hasHighPass(const StageResult& stage, const RunResult& run)
{
    return !run.run.seriesCapacitors.empty() || findCircuit(stage, run.run.id.channel)->filteredLow;
}

}  // namespace

std::vector<Finding> judgeTweeterUnprotected(const Judging& judging)
{
    const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const auto verdict = run->sameCone ? std::nullopt : protectionLimit(*run, hz, judging.practice);
        if (!verdict) continue;
        const Port& coil = run->run.id.coil;
        const ConeResult& cone = coneOf(judging.goal, *run);
        Finding finding{.rule = verdict->rule, .severity = verdict->severity, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {
            {{coil, verdict->what}, judging.goalId, verdict->figure, verdict->limit, verdict->key},
            {{coil, Quantity::AtFrequency_hz},
             judging.goalId,
             {protectedFrom_hz(*run, hz, judging.practice), run->worst},
             {},
             {}},
            {{coil, Quantity::ProgrammePower_w}, judging.goalId, {cone.programme_w, cone.worst}, {}, {}},
            {{coil, Quantity::ProgrammeTravel_m}, judging.goalId, {cone.travel.programme_m, cone.worst}, {}, {}},
            {{coil, Quantity::Xmax_m},
             judging.goalId,
             {run->driver.xmax_m, run->coil.at(Quantity::Xmax_m).basis.origin},
             {},
             {}}};
        const double corner_hz = judging.practice[PracticeKey::TweeterSplit_ratio] * run->driver.fs_hz;
        if (const auto value_f = protectingCapacitor_f(corner_hz, run->driver.nominal_ohm, PreferredSeries::E6))
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
