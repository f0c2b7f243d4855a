// The ranking and the rules judge by the same limits: a driver stops there where its plan would be stopped, by the same
// rules.
#include <gtest/gtest.h>

#include "core/advice/amplifier_risk.h"
#include "core/design/rank_drivers.h"
#include "core/edits/lead_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/sides.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

Plan shipped(std::string_view text)
{
    return readPlanText(std::string(text), "shipped").value().plan;
}

// Drivers at the goal that have a place and lead their pair.
std::vector<DeviceId> leaders(const Plan& plan)
{
    const Evaluation evaluation = tests::evaluated(plan);
    const Fitout& used = evaluation.stages.at(plan.job.goal)->used;
    std::vector<DeviceId> devices;
    for (const auto& [id, device] : used.devices)
        if (used.parts.at(device.part).kind == PartKind::Driver && used.places.contains(device.at) &&
            !leaderOf(used, id))
            devices.push_back(id);
    return devices;
}

// The rules that stop a plan on account of this driver.
std::set<RuleId> stopsOf(const Plan& plan, DeviceId device)
{
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = *evaluation.stages.at(plan.job.goal);
    std::set<Subject> about;
    for (const DeviceId one : mates(goal.used, device)) {
        about.insert(Subject{one});
        about.insert(Subject{goal.used.devices.at(one).at});
    }
    for (const RunResult& run : goal.runs)
        if (run.run.id.coil.device == device) about.insert(Subject{run.run.id.channel});
    std::set<RuleId> rules;
    for (const Finding& finding : judge(plan, evaluation))
        if (finding.severity == Severity::Stop &&
            std::any_of(finding.where.begin(), finding.where.end(),
                        [&](const Subject& subject) { return about.contains(subject); }))
            rules.insert(finding.rule);
    return rules;
}

std::set<RuleId> stopsOf(const Candidate& candidate)
{
    std::set<RuleId> rules;
    for (const LostPoints& one : candidate.lost)
        if (one.stop) rules.insert(one.stop->rule);
    return rules;
}

std::string textOf(const std::set<RuleId>& rules)
{
    std::string text;
    for (const RuleId rule : rules) text += std::string(code(rule)) + " ";
    return text;
}

// The risk to an amplifier nobody knows is graded by the very ratio that the rule finds.
void expectSameRisk(const Plan& plan, DeviceId device)
{
    const Evaluation evaluation = tests::evaluated(plan);
    const auto risk = amplifierRisk(plan, evaluation, device);
    if (!risk) return;
    const auto findings = judge(plan, evaluation);
    const auto finding = std::find_if(findings.begin(), findings.end(), [&](const Finding& one) {
        return one.rule == RuleId::LowerLoadOnFactory && one.where.front() == Subject{device};
    });
    ASSERT_EQ(risk->grade == RiskGrade::Accepted, finding == findings.end());
    if (finding != findings.end()) {
        EXPECT_EQ(risk->ratio, figureOf(*finding, Quantity::Ratio));
    }
}

// How many stop, so that a test of nothing is found.
int compareAll(const Plan& plan, DeviceId device)
{
    static const Shop shop = shippedShop();
    int stopped = 0;
    for (const Candidate& candidate :
         rankDrivers(plan, shop.shelf, device, tests::evaluated(plan), RankScope::Everything)) {
        const Plan tried =
            apply(plan, fitPluggedIn(plan, device, candidate.part, leadThatSaves(candidate.damage, shop.shelf))).plan;
        EXPECT_EQ(textOf(stopsOf(candidate)), textOf(stopsOf(tried, device)))
            << candidate.part.shelfKey << " at d" << device.number;
        stopped += candidate.stops() ? 1 : 0;
        expectSameRisk(tried, device);
    }
    return stopped;
}

TEST(OneVerdict, TheShelfAtFourPlacesIsStoppedByTheSameRules)
{
    const Plan plan = shipped(shippedDemoText());
    std::vector<DeviceId> devices = leaders(plan);
    ASSERT_GE(devices.size(), 4U);
    devices.resize(4);
    int stopped = 0;
    for (const DeviceId device : devices) stopped += compareAll(plan, device);
    EXPECT_GE(stopped, 40);
}

TEST(OneVerdict, WhereNothingMayBeCutToo)
{
    Plan plan = shipped(shippedTroubleText());
    plan.job.keep.insert(Keep::NoCutting);
    int stopped = 0;
    for (const DeviceId device : leaders(plan)) stopped += compareAll(plan, device);
    EXPECT_GE(stopped, 40);
}

}  // namespace
}  // namespace core
