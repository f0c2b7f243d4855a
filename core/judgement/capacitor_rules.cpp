#include "core/judgement/capacitor_rules.h"

#include <cmath>

#include "core/edits/named_edits.h"
#include "core/evaluate/run_change.h"

namespace core {
namespace {

// Is it the very part that was there? A capacitor chosen for this job is a decision, not an oversight.
bool kept(const Judging& judging, const Port& capacitor)
{
    const auto before = judging.found.used.devices.find(capacitor.device);
    return before != judging.found.used.devices.end() &&
           before->second.part == judging.goal.used.devices.at(capacitor.device).part;
}

}  // namespace

std::vector<Finding> judgeKeptCapacitor(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const RunResult* before = findRun(judging.found, run->run.id);
        if (!before || !before->idealCorner_hz || !run->idealCorner_hz || run->run.seriesCapacitors.empty()) continue;
        const Port& capacitor = run->run.seriesCapacitors.front();
        if (!kept(judging, capacitor)) continue;
        const double shift = std::log2(*run->idealCorner_hz / *before->idealCorner_hz);
        const double limit = judging.practice[PracticeKey::CornerShift_octave];
        if (!over(std::abs(shift), limit)) continue;
        Finding finding{
            .rule = RuleId::KeptCapacitor, .severity = Severity::Care, .stage = judging.goalId, .from = kFound};
        finding.where = judging.alike(coil.device);
        const Origin worst = std::max(run->coil.at(Quantity::Nominal_ohm).basis.origin,
                                      before->coil.at(Quantity::Nominal_ohm).basis.origin);
        finding.evidence = {
            {{run->run.id, Quantity::CornerShift_octave},
             judging.goalId,
             {shift, worst},
             limit,
             PracticeKey::CornerShift_octave},
            {{run->run.id, Quantity::Corner_hz}, judging.goalId, {*run->idealCorner_hz, worst}, {}, {}},
            {{run->run.id, Quantity::Corner_hz}, kFound, {*before->idealCorner_hz, worst}, {}, {}},
            {{capacitor, Quantity::Capacitance_f}, judging.goalId, {*run->seriesCapacitance_f, worst}, {}, {}},
            {{coil, Quantity::Nominal_ohm}, judging.goalId, {run->driver.nominal_ohm, worst}, {}, {}}};
        if (const auto restoring = restoringCapacitor(*before->idealCorner_hz, run->driver.nominal_ohm))
            finding.mends.push_back({MendName::ReplaceCapacitor, restoring->e6_f,
                                     replaceCapacitor(judging.plan, capacitor, restoring->e6_f)});
        finding.mends.push_back(
            {MendName::BypassCapacitor, *run->seriesCapacitance_f, bypass(judging.plan, capacitor)});
        finding.mends.push_back(chooseDriverMend(coil.device));
        soften(finding, {.worst = worst});
        findings.push_back(std::move(finding));
    }
    return findings;
}

std::vector<Finding> judgeCapacitorOnFilteredOutput(const Judging& judging)
{
    std::vector<Finding> findings;
    for (const RunResult* run : judging.leadingRuns()) {
        const Port& coil = run->run.id.coil;
        const CircuitResult* circuit = findCircuit(judging.goal, run->run.id.channel);
        if (!circuit->filteredLow || run->run.seriesCapacitors.empty() || !run->idealCorner_hz) continue;
        const auto setting = judging.goal.used.settings.find(circuit->channel);
        const bool set = setting != judging.goal.used.settings.end() && setting->second.highPass;
        const double filter_hz =
            set ? setting->second.highPass->frequency_hz : circuit->output.at(Quantity::HighPass_hz).value;
        const Port& capacitor = run->run.seriesCapacitors.front();
        Finding finding{.rule = RuleId::CapacitorOnFilteredOutput, .severity = Severity::Note, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {
            {{circuit->channel, Quantity::HighPass_hz}, judging.goalId, {filter_hz, Origin::Stated}, {}, {}},
            {{run->run.id, Quantity::Corner_hz}, judging.goalId, {*run->idealCorner_hz, run->worst}, {}, {}},
            {{capacitor, Quantity::Capacitance_f}, judging.goalId, {*run->seriesCapacitance_f, run->worst}, {}, {}}};
        finding.mends.push_back(
            {MendName::BypassCapacitor, *run->seriesCapacitance_f, bypass(judging.plan, capacitor)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
