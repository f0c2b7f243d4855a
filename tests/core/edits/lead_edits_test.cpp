// An adapter lead between the vehicle's plug and another driver: nothing is cut, and the same sound arrives.
#include "core/edits/lead_edits.h"

#include <gtest/gtest.h>

#include "core/design/damage.h"
#include "core/edits/layers.h"
#include "core/fitout/wiring_graph.h"
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

// Source: IEC 60028 copper, 0.017241 ohm mm2/m at 20 degC, and 2 % for the lay: 2 x 3.5 m of 0.75 mm2 are 0.1641 ohm.
TEST(NoteCable, AddsItsOhmsToTheLoadOnBothSides)
{
    Plan plan = tests::withSpots(BodyKind::Hatchback, {"front door"});
    const DeviceId left = tests::driverAt(plan, "left front door"), right = tests::driverAt(plan, "right front door");
    const auto least = [&](const Plan& one, DeviceId device) {
        const Evaluation evaluation = tests::evaluated(one);
        const StageResult& found = *evaluation.stages.at(kFound);
        return findCircuit(found, findRunOfDevice(found, device)->run.id.channel)->least_ohm;
    };
    const double bare = least(plan, left);
    plan = tests::after(plan, noteCable(plan, kFactory, left, Quantity::Area_m2, Known{0.75e-6}));
    EXPECT_EQ(least(plan, left), bare) << "without a length it is a contact";
    plan = tests::after(plan, noteCable(plan, kFactory, left, Quantity::Length_m, Known{3.5}));
    EXPECT_NEAR(least(plan, left) - bare, 0.1641, 0.0005);
    EXPECT_NEAR(least(plan, right) - bare, 0.1641, 0.0005);
    plan = tests::after(plan, noteCable(plan, kFactory, left, Quantity::Length_m, std::nullopt));
    EXPECT_EQ(least(plan, right), bare);
}

// As planned it is another cable; the one that was found stays as it was.
TEST(NoteCable, AsPlannedLeavesWhatWasFound)
{
    Plan plan = tests::withSpots(BodyKind::Hatchback, {"front door"});
    const DeviceId left = tests::driverAt(plan, "left front door");
    plan = tests::after(plan, noteCable(plan, kFactory, left, Quantity::Length_m, Known{3.5}));
    plan = tests::after(plan, noteCable(plan, kFactory, left, Quantity::Area_m2, Known{0.75e-6}));
    const Fitout found = resolve(plan, kFound);
    const StageId goal = plannedGoal(plan);
    Plan planned = plan;
    const Edit edit = noteCable(plan, goal, left, Quantity::Area_m2, Known{2.5e-6});
    planned = apply(plan, edit).plan;
    EXPECT_EQ(resolve(planned, kFound).wires, found.wires);
    int thicker = 0;
    for (const auto& [id, wire] : resolve(planned, goal).wires)
        thicker += valueOf(wire.figures, Quantity::Area_m2).value_or(0.0) == 2.5e-6 ? 1 : 0;
    EXPECT_EQ(thicker, 4) << "two cores on each side";
    // 3.5 m to each side, bought by the metre of two cores, and new on the card.
    const JobPlan job = planJob(planned, kFound, goal, tests::evaluated(planned));
    const auto cable = std::find_if(job.smallParts.begin(), job.smallParts.end(),
                                    [](const SmallPartRow& row) { return row.part == SmallPart::SpeakerCable; });
    ASSERT_NE(cable, job.smallParts.end());
    EXPECT_DOUBLE_EQ(cable->length_m, 7.0);
    EXPECT_EQ(cable->area_m2, 2.5e-6);
    EXPECT_EQ(std::count_if(job.wires.begin(), job.wires.end(),
                            [](const WireRow& row) { return row.state == WireState::New; }),
              4);
}

}  // namespace
}  // namespace core
