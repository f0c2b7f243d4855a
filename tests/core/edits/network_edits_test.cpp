// A network between a channel, a woofer and its tweeter: what it must bring about at the wires of a whole car.
#include "core/edits/network_edits.h"

#include "core/advice/run_change.h"
#include "core/design/remedies.h"
#include "core/edits/filter_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/turn_edits.h"
#include "core/fitout/wiring_graph.h"
#include "core/survey/lead_back.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;

// A saloon with a woofer in each front door and a tweeter in each sail, on one channel a side.
struct Front {
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    DeviceId door = tests::driverAt(plan, "left front door"), sail = tests::driverAt(plan, "left sail");
    const Part& orchid = *tests::shop().shelf.find("net-orchid");
    const Part& thrift = *tests::shop().shelf.find("net-thrift");

    [[nodiscard]] Fitout goal() const { return resolve(plan, plan.job.goal); }
    [[nodiscard]] int networks() const
    {
        const Fitout fitout = goal();
        return static_cast<int>(std::count_if(fitout.devices.begin(), fitout.devices.end(), [&](const auto& entry) {
            return isTwoWay(fitout.parts.at(entry.second.part));
        }));
    }
    void fit(const Part& network) { plan = after(plan, fitNetwork(plan, tests::onBoard(door, sail), network)); }
};

std::vector<std::string> seriesCapacitorsOf(const Fitout& fitout, DeviceId driver)
{
    std::vector<std::string> names;
    for (const core::Run& run : runs(fitout))
        if (run.id.coil.device == driver)
            for (const Port& port : run.seriesCapacitors) names.push_back(fitout.devices.at(port.device).label);
    return names;
}

TEST(FitNetwork, StandsOnEachSideAndIsExchanged)
{
    Front front;
    EXPECT_EQ(tweeterBeside(front.goal(), front.door, tests::shop().practice), front.sail);
    EXPECT_EQ(tweeterBeside(front.goal(), front.sail, tests::shop().practice), DeviceId{}) << "it is one itself";
    EXPECT_EQ(networkOf(front.goal(), front.door), DeviceId{});
    const Plan bare = front.plan;
    front.fit(front.orchid);
    EXPECT_EQ(front.networks(), 2);
    EXPECT_EQ(runs(front.goal()).size(), 4U);
    const DeviceId first = networkOf(front.goal(), front.door);
    ASSERT_TRUE(first);
    front.fit(front.thrift);
    EXPECT_EQ(front.networks(), 2) << "exchanged, not put behind the first";
    EXPECT_EQ(networkOf(front.goal(), front.door), first);
    EXPECT_EQ(partOf(front.goal(), first).shelfKey, "net-thrift");
    EXPECT_EQ(runs(front.goal()).size(), 4U);
    front.plan = after(front.plan, removeNetwork(front.plan, front.door));
    EXPECT_EQ(front.networks(), 0);
    const std::vector<core::Run> left = runs(front.goal()), before = runs(resolve(bare, bare.job.goal));
    ASSERT_EQ(left.size(), before.size()) << "each driver plays on the channel it had";
    for (const core::Run& run : before)
        EXPECT_TRUE(std::any_of(left.begin(), left.end(), [&](const core::Run& now) { return now.id == run.id; }));
}

// A second set in the place of a planned one brings its own network, once.
// A woofer that was turned over behind its network is still behind it: another network takes its place, and where it
// goes the woofer stays turned.
TEST(FitNetwork, ATurnedWooferIsStillBehindIt)
{
    Front front;
    const auto signOf = [&](DeviceId driver) {
        for (const core::Run& run : runs(front.goal()))
            if (run.id.coil.device == driver) return run.sign;
        return 0;
    };
    front.fit(front.orchid);
    front.plan = after(front.plan, planTurnOver(front.plan, front.door));
    ASSERT_EQ(signOf(front.door), -1);
    EXPECT_NE(networkOf(front.goal(), front.door), DeviceId{});
    front.fit(front.thrift);
    EXPECT_EQ(front.networks(), 2) << "one a side";
    EXPECT_EQ(signOf(front.door), -1);
    EXPECT_EQ(signOf(front.sail), 1);
    front.plan = after(front.plan, removeNetwork(front.plan, front.door));
    EXPECT_EQ(front.networks(), 0);
    EXPECT_EQ(signOf(front.door), -1);
}

TEST(FitNetwork, AnotherSetBringsItsOwn)
{
    Front front;
    const Shop& shop = tests::shop();
    for (const char* key : {"set-orchid", "set-thrift"}) {
        const auto set = contentsOf(shop.shelf, *shop.shelf.find(key), shop.practice);
        ASSERT_TRUE(set && set->network) << key;
        front.plan = after(front.plan, fitSet(front.plan, front.door, *set, shop.vehicles, shop.practice));
        EXPECT_EQ(front.networks(), 2) << key;
        EXPECT_EQ(partOf(front.goal(), networkOf(front.goal(), front.door)).shelfKey, set->network->shelfKey);
        EXPECT_EQ(runs(front.goal()).size(), 4U) << key;
    }
}

// The factory's loom goes to the tweeter first and on to the woofer.
TEST(FitNetwork, AWooferThatGoesOnFromItsTweeterKeepsItsFeed)
{
    Front front;
    front.plan = after(front.plan, loopThrough(front.plan, kFound, front.door, front.sail));
    ASSERT_EQ(leadBack(front.goal(), {front.door, "1+"}).from.device, front.sail);
    const std::vector<core::Run> before = runs(front.goal());
    front.fit(front.orchid);
    EXPECT_EQ(front.networks(), 2);
    const std::vector<core::Run> now = runs(front.goal());
    ASSERT_EQ(now.size(), before.size());
    for (const core::Run& run : before)
        EXPECT_TRUE(std::any_of(now.begin(), now.end(), [&](const core::Run& one) { return one.id == run.id; }));
}

TEST(FitNetwork, WhatWentOnFromTheWooferKeepsItsWholeRange)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail", "rear door"});
    const DeviceId door = tests::driverAt(plan, "left front door"), sail = tests::driverAt(plan, "left sail"),
                   rear = tests::driverAt(plan, "left rear door");
    plan = after(plan, loopThrough(plan, kFound, rear, door));
    const size_t before = runs(resolve(plan, plan.job.goal)).size();
    plan = after(plan, fitNetwork(plan, tests::onBoard(door, sail), *tests::shop().shelf.find("net-orchid")));
    const Fitout goal = resolve(plan, plan.job.goal);
    EXPECT_EQ(runs(goal).size(), before);
    const LeadBack onward = leadBack(goal, {rear, "1+"});
    EXPECT_EQ(onward.from.device, tests::sourceOf(plan)) << "from before the network: it keeps its whole range";
    const DeviceId network = networkOf(goal, door);
    EXPECT_TRUE(std::any_of(onward.wires.begin(), onward.wires.end(), [&](WireId id) {
        return goal.wires.at(id).a == Pin{network, "in+"} || goal.wires.at(id).b == Pin{network, "in+"};
    }));
    plan = after(plan, removeNetwork(plan, door));
    EXPECT_EQ(runs(resolve(plan, plan.job.goal)).size(), before);
}

TEST(FitNetwork, TheTweetersPlannedCapacitorGoesTheFoundOneStays)
{
    Front front;
    front.plan = after(front.plan, addCapacitor(front.plan, front.sail, 8.2e-6));
    ASSERT_EQ(filterOf(front.goal(), front.sail).place, FilterPlace::Speaker) << "the sail's own comes first";
    front.plan = after(front.plan, setFilter(front.plan, kFound, front.sail, FilterPlace::None, std::nullopt));
    ASSERT_EQ(seriesCapacitorsOf(front.goal(), front.sail).size(), 1U);
    front.fit(front.orchid);
    EXPECT_EQ(seriesCapacitorsOf(front.goal(), front.sail), std::vector<std::string>{front.orchid.name});
}

// Behind a network each driver has its own way back, and only the tweeter has a capacitor in it.
TEST(FitNetwork, TheWayBackAndTheFilterAreTheDriversOwn)
{
    Front front;
    const Port channel = runs(front.goal()).front().id.channel;
    front.plan = after(front.plan, setFilter(front.plan, kFound, front.sail, FilterPlace::None, std::nullopt));
    front.fit(front.orchid);
    const Fitout goal = front.goal();
    const DeviceId network = networkOf(goal, front.door);
    for (const DeviceId driver : {front.door, front.sail}) {
        const LeadBack lead = leadBack(goal, {driver, "1+"});
        EXPECT_EQ(lead.from.device, channel.device);
        EXPECT_EQ(lead.arrival, (Pin{driver, "1+"})) << "what is cut here cuts nobody else off";
        EXPECT_GE(lead.wires.size(), 2U);
    }
    EXPECT_EQ(filterOf(goal, front.door).place, FilterPlace::None);
    const FilterFound filter = filterOf(goal, front.sail);
    EXPECT_EQ(filter.capacitor, (Port{network, "Ct"}));
    ASSERT_TRUE(filter.value);
    EXPECT_EQ(filter.value->value, 6.8e-6);  // of the shelf's row
    // Its filter off as planned: the element becomes a way through, and the network stays for the woofer.
    const Plan without =
        after(front.plan, setFilter(front.plan, front.plan.job.goal, front.sail, FilterPlace::None, std::nullopt));
    const Fitout open = resolve(without, without.job.goal);
    EXPECT_TRUE(seriesCapacitorsOf(open, front.sail).empty());
    EXPECT_EQ(runs(open).size(), 4U);
}

// A loss of bass would be mended by bridging a capacitor: not one that stands in the tweeter's branch.
TEST(FitNetwork, ItsCapacitorIsNoRemedyForTheWoofer)
{
    Front front;
    front.fit(front.orchid);
    const Evaluation evaluation = tests::evaluated(front.plan);
    const Shop& shop = tests::shop();
    for (const Remedy& remedy : remedies(front.plan, shop.practice, shop.shelf, shop.vehicles, evaluation,
                                         Complaint::NoBass, front.plan.listeners.begin()->first))
        EXPECT_NE(remedy.kind, RemedyKind::BypassCapacitor);
}

// What is shown of a level is a tenth, of a load a hundredth: less than half of one is no change.
TEST(AsItWas, AHalfOfTheLastFigureShown)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = tests::goalOf(evaluation, plan);
    RunChange change = runChange(stage, stage, tests::kLeftSpeaker);
    ASSERT_TRUE(change.before && change.after);
    EXPECT_TRUE(isAsItWas(stage, stage, change));
    change.midLevel_db = -0.049;
    EXPECT_TRUE(isAsItWas(stage, stage, change));
    change.midLevel_db = 0.051;
    EXPECT_FALSE(isAsItWas(stage, stage, change));
    change.midLevel_db = 0.0;
    StageResult other = stage;
    for (const double moved_ohm : {0.0049, 0.0051}) {
        for (CircuitResult& circuit : other.circuits)
            circuit.least_ohm = findCircuit(stage, circuit.channel)->least_ohm - moved_ohm;
        EXPECT_EQ(isAsItWas(stage, other, change), moved_ohm < 0.005);
    }
    change.before = nullptr;
    EXPECT_FALSE(isAsItWas(stage, stage, change)) << "it is new";
}

}  // namespace
}  // namespace core
