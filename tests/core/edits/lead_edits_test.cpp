// An adapter lead between the vehicle's plug and another driver: nothing is cut, and the same sound arrives.
#include "core/edits/lead_edits.h"

#include <gtest/gtest.h>

#include "core/design/damage.h"
#include "core/evaluate/wiring_graph.h"
#include "core/job/job_plan.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

const Part& shelfPart(const char* key)
{
    return *tests::shop().shelf.find(key);
}

int leadsAtGoal(const Plan& plan)
{
    const Fitout goal = resolve(plan, plan.job.goal);
    int count = 0;
    for (const auto& [id, device] : goal.devices) count += goal.parts.at(device.part).kind == PartKind::Lead ? 1 : 0;
    return count;
}

std::vector<std::pair<std::string, int>> signsOf(const Plan& plan)
{
    std::vector<std::pair<std::string, int>> signs;
    for (const Run& run : runs(resolve(plan, plan.job.goal))) signs.emplace_back(run.id.channel.element, run.sign);
    return signs;
}

TEST(AdapterLead, CarriesBothSidesAsBefore)
{
    const Plan bare = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const Plan plan = tests::after(tests::demoPlan(), fitPluggedIn(tests::demoPlan(), tests::kLeftSpeaker,
                                                                   shelfPart("wb-alder-4"), &shelfPart("lead-d")));
    EXPECT_EQ(leadsAtGoal(plan), 2) << "the other side follows";
    EXPECT_EQ(signsOf(plan), signsOf(bare));
    // A lead of links is no resistance: the channel sees what it saw without.
    const Evaluation with = tests::evaluated(plan), without = tests::evaluated(bare);
    const StageResult &one = *with.stages.at(plan.job.goal), &other = *without.stages.at(bare.job.goal);
    ASSERT_EQ(one.circuits.size(), other.circuits.size());
    for (size_t i = 0; i < one.circuits.size(); ++i)
        EXPECT_NEAR(one.circuits[i].least_ohm, other.circuits[i].least_ohm, 1e-9);
}

TEST(AdapterLead, AnotherChoiceChangesItOrTakesItOut)
{
    Plan plan = tests::after(tests::demoPlan(), fitPluggedIn(tests::demoPlan(), tests::kLeftSpeaker,
                                                             shelfPart("wb-alder-4"), &shelfPart("lead-d")));
    const Plan changed =
        tests::after(plan, fitPluggedIn(plan, tests::kLeftSpeaker, shelfPart("wb-alder-4"), &shelfPart("lead-a")));
    EXPECT_EQ(leadsAtGoal(changed), 2);
    EXPECT_EQ(changed.devices.size(), plan.devices.size()) << "the lead that is there became the other one";
    const Plan plain = tests::after(plan, fitPluggedIn(plan, tests::kLeftSpeaker, shelfPart("wb-alder-4"), nullptr));
    EXPECT_EQ(leadsAtGoal(plain), 0);
    EXPECT_EQ(signsOf(plain), signsOf(plan));
    EXPECT_TRUE(std::none_of(plain.parts.begin(), plain.parts.end(),
                             [](const auto& entry) { return entry.second.kind == PartKind::Lead; }));
}

TEST(AdapterLead, IsPluggedInNotMade)
{
    const Plan plan = tests::after(tests::demoPlan(), fitPluggedIn(tests::demoPlan(), tests::kLeftSpeaker,
                                                                   shelfPart("wb-alder-4"), &shelfPart("lead-d")));
    const JobPlan job = planJob(plan, kFound, plan.job.goal, tests::evaluated(plan));
    const auto count = [&](StepKind kind) {
        return std::count_if(job.steps.begin(), job.steps.end(), [&](const Step& step) { return step.kind == kind; });
    };
    EXPECT_EQ(count(StepKind::PlugLead), 2);
    EXPECT_EQ(count(StepKind::MakeLead), 0);
    EXPECT_EQ(count(StepKind::SwapLead), 0);
    EXPECT_TRUE(std::any_of(job.parts.begin(), job.parts.end(), [&](const PartRow& row) {
        return plan.parts.at(row.part).kind == PartKind::Lead && row.count == 2;
    }));
}

}  // namespace
}  // namespace core
