// Ways beside each other: each checked by itself, none losing what another one decided.
#include "core/edits/branch_edits.h"

#include <gtest/gtest.h>

#include "core/edits/fit_edits.h"
#include "core/edits/lead_edits.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

TEST(Branches, BeginAsTheGoalIsAndGoTheirOwnWay)
{
    const Plan one = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const Plan two = tests::after(one, branchWay(one, "if amplified"));
    EXPECT_NE(two.job.goal, one.job.goal);
    EXPECT_EQ(two.stages.at(two.job.goal).name, "if amplified");
    EXPECT_EQ(two.stages.at(two.job.goal).on, kFound);
    EXPECT_EQ(resolve(two, two.job.goal), resolve(one, one.job.goal)) << "the same to begin with";
    // Another driver here leaves the first way as it was.
    const Plan changed = tests::withShelfDriver(two, "wb-bramble-4");
    EXPECT_EQ(resolve(changed, one.job.goal), resolve(one, one.job.goal));
    EXPECT_FALSE(resolve(changed, changed.job.goal) == resolve(one, one.job.goal));
    const Plan back = tests::after(changed, takeWay(changed, one.job.goal));
    EXPECT_EQ(back.job.goal, one.job.goal);
    EXPECT_EQ(planWays(back).size(), 2U);
}

TEST(Branches, OfAPlanOfNothingAreItsFirstWay)
{
    const Plan plan = newPlan(BodyKind::Estate, tests::shop().vehicles);
    EXPECT_TRUE(planWays(plan).empty());
    const Plan first = tests::after(plan, branchWay(plan, "if plain"));
    EXPECT_EQ(planWays(first), std::vector{first.job.goal});
    EXPECT_EQ(resolve(first, first.job.goal), resolve(first, kFound));
}

TEST(Branches, TakenOutLeaveNothingBehind)
{
    const Plan one = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    Plan two = tests::after(one, branchWay(one, "another"));
    two = tests::after(two, fitSpacer(two, tests::kLeftSpeaker, 0.009));
    two = tests::withShelfDriver(two, "wb-bramble-4");
    const Plan left = tests::after(two, dropWay(two, two.job.goal));
    EXPECT_EQ(left.job.goal, one.job.goal);
    EXPECT_EQ(left.stages, one.stages);
    EXPECT_EQ(left.devices, one.devices);
    EXPECT_EQ(left.mounts, one.mounts);
    for (const auto& [id, part] : left.parts) EXPECT_NE(part.shelfKey, "wb-bramble-4");
    const Plan none = tests::after(left, dropWay(left, left.job.goal));
    EXPECT_EQ(none.job.goal, kFound);
    EXPECT_TRUE(planWays(none).empty());
}

// A lead that only this way has goes with it, and with the lead what was read at it.
TEST(Branches, TakeTheirOwnDevicesWithThem)
{
    const Plan one = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    Plan two = tests::after(one, branchWay(one, "with leads"));
    const Part* driver = tests::shop().shelf.find("wb-bramble-4");
    two = tests::after(two, fitPluggedIn(two, tests::kLeftSpeaker, *driver, tests::shop().shelf.find("lead-a")));
    DeviceId lead{};
    for (const auto& [key, device] : two.devices)
        if (device && two.parts.at(device->part).kind == PartKind::Lead) lead = key.key;
    ASSERT_TRUE(lead);
    two.readings[drawId<ReadingId>(two)] = {.of = {lead, Quantity::Mass_kg}, .stage = kFound, .value = 0.1};
    const Plan left = tests::after(two, dropWay(two, two.job.goal));
    EXPECT_TRUE(left.readings.empty());
    EXPECT_EQ(resolve(left, left.job.goal), resolve(one, one.job.goal));
}

// The way that is not looked at goes too, and the goal stays.
TEST(Branches, AnotherOneMayGoWhileTheGoalStays)
{
    const Plan one = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const Plan two = tests::after(one, branchWay(one, "another"));
    const Plan left = tests::after(two, dropWay(two, one.job.goal));
    EXPECT_EQ(left.job.goal, two.job.goal);
    EXPECT_EQ(resolve(left, left.job.goal), resolve(two, two.job.goal));
}

}  // namespace
}  // namespace core
