#include <gtest/gtest.h>

#include <algorithm>

#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

using tests::kLeftRun;

std::vector<Run> runsOf(const Plan& plan)
{
    EXPECT_TRUE(validate(plan).empty());
    return runs(resolve(plan, plan.job.goal));
}

const Run* leftRun(const std::vector<Run>& all)
{
    const auto found = std::find_if(all.begin(), all.end(), [](const Run& run) { return run.id == kLeftRun; });
    return found == all.end() ? nullptr : &*found;
}

TEST(Runs, AreReadOffTheWiring)
{
    const auto all = runsOf(tests::demoPlan());
    EXPECT_EQ(all.size(), 2U);
    const core::Run* run = leftRun(all);
    ASSERT_NE(run, nullptr);
    EXPECT_EQ(run->sign, 1);
    EXPECT_EQ(run->along, (std::vector{tests::kLeftPlug, tests::kLeftSpeaker}));
    EXPECT_EQ(run->seriesCapacitors, (std::vector<Port>{{tests::kLeftPlug, "C"}}));
}

TEST(Runs, ABypassedCapacitorIsNotInSeries)
{
    const Plan plan = tests::demoPlan();
    const auto all = runsOf(apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan);
    ASSERT_NE(leftRun(all), nullptr);
    EXPECT_TRUE(leftRun(all)->seriesCapacitors.empty());
    EXPECT_EQ(leftRun(all)->along,
              (std::vector{tests::kLeftPlug, tests::kLeftSpeaker}));  // the capacitor still lies on one way
}

TEST(Runs, CrossedLeadsTurnTheSign)
{
    Plan plan = tests::demoPlan();
    std::swap(plan.wires[{kFactory, {18}}]->b, plan.wires[{kFactory, {19}}]->b);
    EXPECT_EQ(leftRun(runsOf(plan))->sign, -1);
}

TEST(Runs, AnUnpluggedDriverHasNone)
{
    Plan plan = tests::demoPlan();
    plan.wires[{plan.job.goal, {18}}] = std::nullopt;
    EXPECT_EQ(leftRun(runsOf(plan)), nullptr);
}

TEST(Runs, ATakenOutPlugLeavesLooseWiresThatCarryNothing)
{
    Plan plan = tests::demoPlan();
    plan.devices[{plan.job.goal, tests::kLeftPlug}] = std::nullopt;
    const Fitout fitout = resolve(plan, plan.job.goal);
    EXPECT_EQ(fitout.loose, (std::vector<WireId>{{16}, {17}, {18}, {19}}));
    EXPECT_EQ(leftRun(runs(fitout)), nullptr);
}

TEST(Runs, ADeadBridgeCannotTellItsSign)
{
    // A coil between the middles of two equal dividers has no voltage.
    Plan plan = tests::demoPlan();
    Part bridge{.kind = PartKind::Network, .name = "bridge"};
    bridge.terminals = plan.parts.at({8}).terminals;  // the right plug is of the same kind
    for (const char* terminal : {"p", "n", "x", "y"}) bridge.terminals[terminal] = "";
    for (const auto& [name, a, b] : {std::tuple{"R1", "p", "x"}, std::tuple{"R2", "x", "n"}, std::tuple{"R3", "p", "y"},
                                     std::tuple{"R4", "y", "n"}})
        bridge.inside[name] = {ElementKind::Resistor, a, b, {{Quantity::Resistance_ohm, Known{10.0}}}};
    plan.parts[{8}] = bridge;
    for (const auto& [wire, from, to] : {std::tuple{16, Pin{tests::kRadio, "RL+"}, Pin{tests::kLeftPlug, "p"}},
                                         std::tuple{17, Pin{tests::kRadio, "RL-"}, Pin{tests::kLeftPlug, "n"}},
                                         std::tuple{18, Pin{tests::kLeftPlug, "x"}, Pin{tests::kLeftSpeaker, "1+"}},
                                         std::tuple{19, Pin{tests::kLeftPlug, "y"}, Pin{tests::kLeftSpeaker, "1-"}}})
        plan.wires[{kFactory, {wire}}] = Wire{from, to};
    ASSERT_NE(leftRun(runsOf(plan)), nullptr);
    EXPECT_EQ(leftRun(runsOf(plan))->sign, 0);
}

TEST(Runs, TwoDriversOnOneChannelAreTwoRuns)
{
    Plan plan = tests::demoPlan();
    const StageId goal = plan.job.goal;
    plan.wires[{goal, drawId<WireId>(plan)}] = Wire{{tests::kLeftSpeaker, "1+"}, {tests::kRightSpeaker, "1+"}};
    plan.wires[{goal, drawId<WireId>(plan)}] = Wire{{tests::kLeftSpeaker, "1-"}, {tests::kRightSpeaker, "1-"}};
    for (const int old : {22, 23}) plan.wires[{goal, {old}}] = std::nullopt;
    const auto all = runsOf(plan);
    EXPECT_EQ(
        std::count_if(all.begin(), all.end(), [](const core::Run& run) { return run.id.channel == kLeftRun.channel; }),
        2);
    // Neither driver lies on the other's way.
    EXPECT_EQ(leftRun(all)->along, (std::vector{tests::kLeftPlug, tests::kLeftSpeaker}));
}

// A wiring that nobody would build: a chain of links as long as a file may hold, and a grid full of loops. Bounded, no
// crash.
TEST(Runs, AnAbsurdWiringEndsInTime)
{
    Plan plan = tests::demoPlan();
    Part tangle{.kind = PartKind::Network, .name = "tangle"};
    const auto pin = [](int number) { return "x" + std::to_string(number); };
    for (int i = 0; i < 3000; ++i) tangle.inside["l" + std::to_string(i)] = {ElementKind::Link, pin(i), pin(i + 1)};
    for (int i = 0; i < 30; ++i)
        for (int j = 0; j < i; ++j) {
            const std::string name = "r" + std::to_string(i) + "_" + std::to_string(j);
            tangle.inside[name] = {ElementKind::Resistor, pin(5000 + i), pin(5000 + j)};
        }
    tangle.terminals = plan.parts.at({8}).terminals;
    for (const char* terminal : {"x0", "x5000", "x5029"}) tangle.terminals[terminal] = "";
    plan.parts[{8}] = tangle;
    plan.wires[{kFactory, {16}}] = Wire{{tests::kRadio, "RL+"}, {tests::kLeftPlug, "x5000"}};
    plan.wires[{kFactory, {17}}] = Wire{{tests::kRadio, "RL-"}, {tests::kLeftSpeaker, "1-"}};
    plan.wires[{kFactory, {18}}] = Wire{{tests::kLeftPlug, "x5029"}, {tests::kLeftSpeaker, "1+"}};
    plan.wires[{kFactory, {19}}] = Wire{{tests::kLeftPlug, "x5000"}, {tests::kLeftPlug, "x0"}};
    EXPECT_NE(leftRun(runsOf(plan)), nullptr);
}

TEST(JoinedOutputs, AreFound)
{
    Plan plan = tests::demoPlan();
    EXPECT_TRUE(joinedOutputs(resolve(plan, plan.job.goal)).empty());
    plan.wires[{plan.job.goal, drawId<WireId>(plan)}] = Wire{{tests::kRadio, "RL-"}, {tests::kRadio, "RR-"}};
    EXPECT_EQ(joinedOutputs(resolve(plan, plan.job.goal)),
              (std::vector<std::pair<Port, Port>>{{{tests::kRadio, "RL"}, {tests::kRadio, "RR"}}}));
}

TEST(Resolve, ALaterStageDecidesOnlyItsOwnEntries)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const Fitout found = resolve(plan, kFound);
    const Fitout goal = resolve(plan, plan.job.goal);
    EXPECT_EQ(found.devices.at(tests::kRadio), goal.devices.at(tests::kRadio));
    EXPECT_NE(found.devices.at(tests::kLeftSpeaker).part, goal.devices.at(tests::kLeftSpeaker).part);
    EXPECT_EQ(found.wires, goal.wires);
}

TEST(Resolve, ACorrectionBelowShinesThrough)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    plan.wires[{kFound, {16}}] = Wire{{tests::kRadio, "RL+"}, {tests::kLeftPlug, "h+"}, "brown"};
    EXPECT_EQ(resolve(plan, plan.job.goal).wires.at({16}).colour, "brown");
    EXPECT_EQ(resolve(plan, kFactory).wires.at({16}).colour, "grey");
}

TEST(Resolve, ItemAtSaysWhatStandsThere)
{
    Plan plan = tests::demoPlan();
    plan.devices[{plan.job.goal, tests::kLeftPlug}] = std::nullopt;
    EXPECT_TRUE(itemAt(plan, &Plan::devices, kFound, tests::kLeftPlug).has_value());
    EXPECT_FALSE(itemAt(plan, &Plan::devices, plan.job.goal, tests::kLeftPlug).has_value());
}

TEST(Sides, AFollowerRepeatsItsLeaderWhileBothAreAlike)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    EXPECT_EQ(leaderOf(stage.used, tests::kRightSpeaker), tests::kLeftSpeaker);
    EXPECT_EQ(followersOf(stage.used, tests::kLeftSpeaker), std::vector{tests::kRightSpeaker});
    EXPECT_TRUE(repeatsLeader(stage, tests::kRightSpeaker));
    EXPECT_FALSE(repeatsLeader(stage, tests::kLeftSpeaker));
}

TEST(Circuit, ADeadShortHasNoNetwork)
{
    Plan plan = tests::demoPlan();
    plan.wires[{plan.job.goal, drawId<WireId>(plan)}] = Wire{{tests::kRadio, "RL+"}, {tests::kRadio, "RL-"}};
    EXPECT_FALSE(circuitOf(resolve(plan, plan.job.goal), {tests::kRadio, "RL"}, shippedShop().practice));
}

}  // namespace
}  // namespace core
