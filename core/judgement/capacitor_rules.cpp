#include "core/judgement/capacitor_rules.h"

#include <algorithm>
#include <cmath>
#include <complex>

#include "core/advice/run_change.h"
#include "core/base/grid.h"
#include "core/edits/element_edits.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/cone_results.h"
#include "core/evaluate/grid_tables.h"
#include "core/judgement/split_mend.h"
#include "core/judgement/travel_rules.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "core/physics/preferred_values.h"
#include "core/practice/house_rules.h"

namespace core {
namespace {

// Is it the very part that was there? A capacitor chosen for this job is a decision, not an oversight.
bool kept(const Judging& judging, const Port& capacitor)
{
    const auto before = judging.found.used.devices.find(capacitor.device);
    return before != judging.found.used.devices.end() &&
           before->second.part == judging.goal.used.devices.at(capacitor.device).part;
}

// A value of the series that puts the corner where it was, or the next smaller one that also holds the cone within its
// travel; nothing where no single capacitor does.
std::optional<double> holdingCapacitor(const Judging& judging, const RunResult& run, double corner_hz)
{
    constexpr int kSmaller = 4;  // values tried: below the last the middle of the voice would be gone
    const auto restoring = restoringCapacitor(corner_hz, run.driver.nominal_ohm);
    if (!restoring) return std::nullopt;
    const Eigen::ArrayXd& hz = judging.tables->frequency_hz;
    const Eigen::ArrayXcd s = laplace(hz);
    const Eigen::ArrayXcd load_ohm = impedance_ohm(run.driver, hz);
    const auto passes = [&](double value_f) { return (load_ohm / (load_ohm + (s * value_f).inverse())).abs(); };
    const Eigen::ArrayXd now = passes(*run.seriesCapacitance_f);
    double value_f = restoring->e6_f;
    for (int i = 0; i < kSmaller; ++i) {
        const Eigen::ArrayXd excursion_m_v = run.excursion_m_v * passes(value_f) / now;
        const double limit_v = findCircuit(judging.goal, run.run.id.channel)->sourceLimit_v.minCoeff();
        if (!over(travelOf(excursion_m_v, limit_v, *judging.tables, judging.practice).programme_m,
                  judging.practice[PracticeKey::TravelCare_ratio] * run.driver.xmax_m))
            return value_f;
        value_f = preferredBelow(value_f, PreferredSeries::E6)->value;
    }
    return std::nullopt;
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
        if (!std::all_of(run->run.seriesCapacitors.begin(), run->run.seriesCapacitors.end(),
                         [&](const Port& one) { return kept(judging, one); }))
            continue;  // what moved the corner came with the new speaker
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
        if (const auto value_f = holdingCapacitor(judging, *run, *before->idealCorner_hz))
            finding.mends.push_back(
                {MendName::ReplaceCapacitor, *value_f, setPartValue(judging.plan, capacitor, *value_f)});
        else if (const auto filter = holdingHighPass(judging, coneOf(judging.goal, *run), run->driver.xmax_m))
            finding.mends.push_back(
                {MendName::SetHighPass, filter->frequency_hz, setHighPass(judging.plan, run->run.id.channel, *filter)});
        if (!isTweeter(*run, judging.practice))
            finding.mends.push_back(
                {MendName::BypassCapacitor, *run->seriesCapacitance_f, bypass(judging.plan, capacitor)});
        const size_t school = schoolOf(judging.practice, PracticeKey::SmallDriver_school);
        if (school == static_cast<size_t>(SmallDriverSchool::FullNetwork))
            offerSplitSearch(finding, judging, coil.device);
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
        const double filter_hz = channelHighPass(judging.goal, circuit->channel)->value;
        // Nearer to each other they are said to be stacked.
        if (!judging.stood(*run) && stackedLimit(filter_hz, *run->idealCorner_hz, run->worst, judging.practice))
            continue;
        const Port& capacitor = run->run.seriesCapacitors.front();
        Finding finding{.rule = RuleId::CapacitorOnFilteredOutput, .severity = Severity::Note, .stage = judging.goalId};
        finding.where = judging.alike(coil.device);
        finding.evidence = {
            {{circuit->channel, Quantity::HighPass_hz}, judging.goalId, {filter_hz, Origin::Stated}, {}, {}},
            {{run->run.id, Quantity::Corner_hz}, judging.goalId, {*run->idealCorner_hz, run->worst}, {}, {}},
            {{capacitor, Quantity::Capacitance_f}, judging.goalId, {*run->seriesCapacitance_f, run->worst}, {}, {}}};
        if (!isTweeter(*run, judging.practice))
            finding.mends.push_back(
                {MendName::BypassCapacitor, *run->seriesCapacitance_f, bypass(judging.plan, capacitor)});
        findings.push_back(std::move(finding));
    }
    return findings;
}

}  // namespace core
