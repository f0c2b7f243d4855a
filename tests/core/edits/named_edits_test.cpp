#include "core/edits/named_edits.h"
#include "core/edits/element_edits.h"

#include <gtest/gtest.h>

#include "core/fitout/resolve.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

const Part kPart = tests::driverPart("tried", {{Quantity::Re_ohm, 3.3}});

TEST(FitPart, TheOtherSideFollows)
{
    const Plan plan = tests::withDriver(tests::demoPlan(), kPart);
    const Fitout goal = resolve(plan, plan.job.goal);
    EXPECT_EQ(goal.devices.at(tests::kLeftSpeaker).part, goal.devices.at(tests::kRightSpeaker).part);
    EXPECT_EQ(goal.parts.at(goal.devices.at(tests::kRightSpeaker).part), kPart);
    EXPECT_TRUE(validate(plan).empty());
}

TEST(FitPart, TheFollowerAloneLeavesItsLeader)
{
    const Plan plan = tests::demoPlan();
    const Plan after = apply(plan, fitPart(plan, tests::kRightSpeaker, kPart)).plan;
    const Fitout goal = resolve(after, after.job.goal);
    EXPECT_NE(goal.devices.at(tests::kLeftSpeaker).part, goal.devices.at(tests::kRightSpeaker).part);
}

TEST(FitPart, KeepsTheWiresAndTheFoundStage)
{
    const Plan plan = tests::demoPlan();
    const Plan after = tests::withDriver(plan, kPart);
    EXPECT_EQ(after.wires, plan.wires);
    EXPECT_EQ(resolve(after, kFound), resolve(plan, kFound));
}

TEST(FitPart, ADriverTriedAndReplacedLeavesNoCopyBehind)
{
    const Plan once = tests::withDriver(tests::demoPlan(), kPart);
    const Plan twice = tests::withDriver(once, tests::driverPart("second", {}));
    EXPECT_EQ(twice.parts.size(), once.parts.size());
}

TEST(FitPart, OnAFreshPlanMakesAPlannedStage)
{
    Plan plan = tests::demoPlan();
    plan.stages.erase(plan.job.goal);
    plan.job.goal = kFound;
    const Plan after = tests::withDriver(plan, kPart);
    EXPECT_EQ(after.stages.at(after.job.goal).kind, StageKind::Planned);
    EXPECT_EQ(after.stages.at(after.job.goal).on, kFound);
    EXPECT_TRUE(validate(after).empty());
}

TEST(ReplaceCapacitor, GivesBothPlugsTheNewValueAndKeepsTheFactoryPart)
{
    const Plan plan = tests::demoPlan();
    const Plan after = apply(plan, setPartValue(plan, {tests::kLeftPlug, "C"}, 100e-6)).plan;
    const Fitout goal = resolve(after, after.job.goal);
    for (const int plug : {11, 13})
        EXPECT_EQ(valueOf(figuresOf(goal.parts.at(goal.devices.at({plug}).part), "C"), Quantity::Capacitance_f),
                  100e-6);
    EXPECT_EQ(resolve(after, kFound), resolve(plan, kFound));
    EXPECT_TRUE(validate(after).empty());
}

TEST(Bypass, LinksTheTwoEndsOnBothSides)
{
    const Plan plan = tests::demoPlan();
    const Plan after = apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
    const Fitout goal = resolve(after, after.job.goal);
    int links = 0;
    for (const auto& [id, wire] : goal.wires)
        if (wire.a.device == wire.b.device) {
            ++links;
            EXPECT_EQ(wire.a.terminal + wire.b.terminal, "h-s-");
        }
    EXPECT_EQ(links, 2);
}

TEST(SetHighPass, SetsTheTwinChannelToo)
{
    const Plan plan = tests::demoPlan();
    const Plan after = apply(plan, setHighPass(plan, {tests::kRadio, "RL"}, {110.0, 2})).plan;
    const Fitout goal = resolve(after, after.job.goal);
    for (const char* channel : {"RL", "RR"})
        EXPECT_EQ(goal.settings.at({tests::kRadio, channel}).highPass, (Filter{110.0, 2}));
}

TEST(ReadResistance, TakesTheLeadsOffAndKeepsTheRawReading)
{
    const Plan plan = tests::demoPlan();
    const Plan after = apply(plan, readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 3.5, 0.2)).plan;
    ASSERT_EQ(after.readings.size(), 1U);
    const auto& [id, reading] = *after.readings.begin();
    EXPECT_EQ(reading.value, 3.5);
    EXPECT_EQ(reading.leads_ohm, 0.2);
    EXPECT_EQ(reading.of, (Address{Port{tests::kLeftSpeaker, "1"}, Quantity::Re_ohm}));
    const Known re = after.parts.at({9}).inside.at("1").figures.at(Quantity::Re_ohm);
    EXPECT_NEAR(re.value, 3.3, 1e-12);
    EXPECT_EQ(re.basis, (Basis{Origin::Measured, false, id}));
    EXPECT_TRUE(validate(after).empty());
}

}  // namespace
}  // namespace core
