// Boards of three legs and filters of one: at the wires of a whole car.
#include <cmath>

#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/wiring_graph.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;

// Woofer in each front door, a wide-band on the dash and a tweeter in each sail, on one channel a side.
struct ThreeSpeakers {
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "dash top", "sail"});
    DeviceId door = tests::driverAt(plan, "left front door"), dash = tests::driverAt(plan, "left dash top"),
             sail = tests::driverAt(plan, "left sail");
    const BoardParts parts{{Leg::Woofer, {{ElementKind::Inductor, true, 1e-3}}},
                           {Leg::Mid, {{ElementKind::Capacitor, true, 47e-6}, {ElementKind::Inductor, true, 0.22e-3}}},
                           {Leg::Tweeter, {{ElementKind::Capacitor, true, 4.7e-6}, {ElementKind::Inductor, false, 0.33e-3},
                                           {ElementKind::Capacitor, true, 15e-6}}}};

    [[nodiscard]] Fitout goal() const { return resolve(plan, plan.job.goal); }
    [[nodiscard]] int boards() const
    {
        const Fitout fitout = goal();
        return static_cast<int>(std::count_if(fitout.devices.begin(), fitout.devices.end(), [&](const auto& entry) {
            return !legsOf(fitout.parts.at(entry.second.part)).empty();
        }));
    }
    [[nodiscard]] std::vector<RunId> heard() const
    {
        std::vector<RunId> ids;
        for (const core::Run& run : runs(goal())) ids.push_back(run.id);
        return ids;
    }
    // That its way passes, by element, of boards alone.
    [[nodiscard]] std::vector<std::string> capacitorsTo(DeviceId speaker) const
    {
        std::vector<std::string> names;
        const Fitout fitout = goal();
        for (const core::Run& run : runs(fitout))
            if (run.id.coil.device == speaker)
                for (const Port& port : run.seriesCapacitors)
                    names.push_back((legsOf(partOf(fitout, port.device)).empty() ? "own " : "") + port.element);
        return names;
    }
    void take(const Edit& edit) { plan = after(plan, edit); }
    [[nodiscard]] BoardSpeakers all() const { return {{Leg::Woofer, door}, {Leg::Mid, dash}, {Leg::Tweeter, sail}}; }
};

using Names = std::vector<std::string>;

TEST(Boards, OfThreeLegsStandOnEachSide)
{
    ThreeSpeakers car;
    const std::vector<RunId> before = car.heard();
    ASSERT_EQ(before.size(), 6U);
    car.take(fitMadeNetwork(car.plan, car.all(), car.parts));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    const DeviceId board = networkOf(car.goal(), car.door);
    ASSERT_TRUE(board);
    for (const DeviceId speaker : {car.dash, car.sail}) EXPECT_EQ(networkOf(car.goal(), speaker), board);
    EXPECT_EQ(car.capacitorsTo(car.door), Names{});
    EXPECT_EQ(car.capacitorsTo(car.dash), Names{"Cm"}) << "its own is bridged";
    EXPECT_EQ(car.capacitorsTo(car.sail), (Names{"Ct", "Ct2"}));
    car.take(takeBoardOut(car.plan, board));
    EXPECT_EQ(car.boards(), 0);
    EXPECT_EQ(car.heard(), before);
    EXPECT_EQ(car.capacitorsTo(car.sail).size(), 1U) << "its own carries again";
}

// One for two gives way to one for three and the other way round, never two behind one another.
TEST(Boards, OfOtherLegsTakeTheOthersPlace)
{
    ThreeSpeakers car;
    const std::vector<RunId> before = car.heard();
    const BoardSpeakers two = tests::onBoard(car.door, car.sail);
    const BoardParts forTwo = tests::partsOf({.wooferCoil_h = 0.68e-3, .tweeterSeries_f = 6.8e-6});
    car.take(fitMadeNetwork(car.plan, two, forTwo));
    EXPECT_EQ(networkOf(car.goal(), car.dash), DeviceId{});
    car.take(fitMadeNetwork(car.plan, car.all(), car.parts));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    EXPECT_NE(networkOf(car.goal(), car.dash), DeviceId{});
    car.take(fitMadeNetwork(car.plan, two, forTwo));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    EXPECT_EQ(car.capacitorsTo(car.sail), Names{"Ct"});
    EXPECT_EQ(car.capacitorsTo(car.dash).size(), 1U) << "its own again, and nothing of the board";
}

// The same legs for another pair: who hung there and is not asked for plays on by itself, and no board is left over.
TEST(Boards, ForOthersLeaveNoneBehind)
{
    ThreeSpeakers car;
    const std::vector<RunId> before = car.heard();
    const BoardParts forTwo = tests::partsOf({.wooferCoil_h = 0.68e-3, .tweeterSeries_f = 6.8e-6});
    car.take(fitMadeNetwork(car.plan, tests::onBoard(car.door, car.sail), forTwo));
    car.take(fitMadeNetwork(car.plan, tests::onBoard(car.door, car.dash), forTwo));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    EXPECT_EQ(car.capacitorsTo(car.dash), Names{"Ct"});
    EXPECT_EQ(networkOf(car.goal(), car.sail), DeviceId{});
    EXPECT_EQ(car.capacitorsTo(car.sail).size(), 1U) << "its own again";
    car.take(fitMadeNetwork(car.plan, tests::onBoard(car.dash, car.sail), forTwo));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    car.take(fitMadeNetwork(car.plan, car.all(), car.parts));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    EXPECT_EQ(car.capacitorsTo(car.sail), (Names{"Ct", "Ct2"}));
}

// A pad in the place of a filter holds no lows back: the capacitor that was bridged for the filter carries again.
TEST(Boards, WithoutACapacitorGiveTheSpeakersOwnItsTaskBack)
{
    ThreeSpeakers car;
    car.take(fitMadeNetwork(car.plan, {{Leg::Tweeter, car.sail}}, {{Leg::Tweeter, car.parts.at(Leg::Tweeter)}}));
    ASSERT_EQ(car.capacitorsTo(car.sail), (Names{"Ct", "Ct2"}));
    car.take(fitMadeNetwork(car.plan, {{Leg::Tweeter, car.sail}}, {{Leg::Tweeter, {{ElementKind::Resistor, true, 2.2}}}}));
    EXPECT_EQ(car.boards(), 2);
    ASSERT_EQ(car.capacitorsTo(car.sail).size(), 1U);
    EXPECT_TRUE(car.capacitorsTo(car.sail).front().starts_with("own "));
}

// In the tweeter's own lead: nobody else's way changes.
TEST(Boards, OfOneLegLieInASpeakersOwnLead)
{
    ThreeSpeakers car;
    const std::vector<RunId> before = car.heard();
    const auto doorCoil_v = [&] {
        const Evaluation evaluation = tests::evaluated(car.plan);
        const StageResult& stage = *evaluation.stages.at(car.plan.job.goal);
        return std::abs(findRunOfDevice(stage, car.door)->transfer(0));
    };
    const double before_v = doorCoil_v();
    const BoardParts filter{{Leg::Tweeter, car.parts.at(Leg::Tweeter)}};
    car.take(fitMadeNetwork(car.plan, {{Leg::Tweeter, car.sail}}, filter));
    EXPECT_EQ(car.boards(), 2);
    EXPECT_EQ(car.heard(), before);
    EXPECT_EQ(networkOf(car.goal(), car.sail), DeviceId{});
    const DeviceId there = inlineFilterOf(car.goal(), car.sail);
    ASSERT_TRUE(there);
    EXPECT_EQ(inlineFilterOf(car.goal(), car.door), DeviceId{});
    EXPECT_EQ(car.capacitorsTo(car.sail), (Names{"Ct", "Ct2"}));
    EXPECT_EQ(filterOf(car.goal(), car.sail).place, FilterPlace::Speaker);
    EXPECT_NEAR(doorCoil_v(), before_v, 1e-3 * before_v);
    car.take(fitMadeNetwork(car.plan, {{Leg::Tweeter, car.sail}},
                            {{Leg::Tweeter, {{ElementKind::Capacitor, true, 3.3e-6}}}}));
    EXPECT_EQ(car.boards(), 2) << "exchanged";
    EXPECT_EQ(car.capacitorsTo(car.sail), Names{"Ct"});
    // Its last part out: nothing is left of it.
    car.take(takePartOut(car.plan, {inlineFilterOf(car.goal(), car.sail), "Ct"}));
    EXPECT_EQ(car.boards(), 0);
    EXPECT_EQ(car.heard(), before);
}

// A filter in the woofer's lead would come to lie before the board, and so before everybody.
TEST(Boards, ForSeveralTakeTheFiltersOfEachOut)
{
    for (const bool tweeter : {false, true}) {
        ThreeSpeakers car;
        const DeviceId one = tweeter ? car.sail : car.door;
        const Leg leg = tweeter ? Leg::Tweeter : Leg::Woofer;
        car.take(fitMadeNetwork(car.plan, {{leg, one}}, {{leg, car.parts.at(leg)}}));
        car.take(fitMadeNetwork(car.plan, car.all(), car.parts));
        EXPECT_EQ(car.boards(), 2);
        EXPECT_EQ(inlineFilterOf(car.goal(), one), DeviceId{});
        ThreeSpeakers straight;
        straight.take(fitMadeNetwork(straight.plan, straight.all(), straight.parts));
        for (const DeviceId speaker : {car.door, car.dash, car.sail})
            EXPECT_EQ(car.capacitorsTo(speaker), straight.capacitorsTo(speaker));
    }
}

// A capacitor across the leg holds nothing back: it is no filter of the lows.
TEST(Boards, WhatLiesAcrossALegIsNoHighPass)
{
    ThreeSpeakers car;
    car.take(fitMadeNetwork(car.plan, {{Leg::Woofer, car.door}},
                            {{Leg::Woofer, {{ElementKind::Inductor, true, 1e-3}, {ElementKind::Capacitor, false, 22e-6}}}}));
    EXPECT_EQ(filterOf(car.goal(), car.door).place, FilterPlace::None);
    EXPECT_EQ(car.capacitorsTo(car.door), Names{});
}

// One plug for two pairs with a capacitor in one of them: it holds back the speaker on that pair and nobody else.
TEST(Boards, APlugForTwoPairsFiltersOneOfThem)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "rear door"});
    const DeviceId front = tests::driverAt(plan, "left front door"), rear = tests::driverAt(plan, "left rear door");
    const size_t before = runs(resolve(plan, kFound)).size();
    Part plug{.kind = PartKind::Plug, .name = "plug for two"};
    for (const char* pair : {"1", "2"})
        for (const char* pole : {"+", "-"}) {
            const std::string in = std::string("h") + pair + pole, out = std::string("s") + pair + pole;
            plug.terminals[in] = plug.terminals[out] = "";
            plug.inside["link" + out] = {.kind = ElementKind::Link, .a = in, .b = out};
        }
    plug.inside["links1+"] = {.kind = ElementKind::Capacitor,
                              .a = "h1+",
                              .b = "s1+",
                              .figures = {{Quantity::Capacitance_f, Known{10e-6}}}};
    const auto part = drawId<PartId>(plan);
    plan.parts[part] = plug;
    const auto device = drawId<DeviceId>(plan);
    plan.devices[{kFound, device}] = Device{.part = part, .at = tests::placeNamed(plan, "left front door")};
    for (const auto& [id, wire] : resolve(plan, kFound).wires)
        for (const auto& [speaker, pair] : {std::pair{front, "1"}, {rear, "2"}}) {
            const bool ends = wire.b.device == speaker;
            if (!ends && wire.a.device != speaker) continue;
            const Pin tab = ends ? wire.b : wire.a;
            const std::string pole = tab.terminal.ends_with('-') ? "-" : "+";
            Wire moved = wire;
            (ends ? moved.b : moved.a) = {device, std::string("h") + pair + pole};
            plan.wires[{kFound, id}] = moved;
            plan.wires[{kFound, drawId<WireId>(plan)}] =
                Wire{.a = {device, std::string("s") + pair + pole}, .b = tab};
        }
    ASSERT_TRUE(validate(plan).empty()) << validate(plan).front().message;
    const Fitout fitout = resolve(plan, kFound);
    ASSERT_EQ(runs(fitout).size(), before);
    EXPECT_EQ(filterOf(fitout, front).capacitor, (Port{device, "links1+"}));
    EXPECT_EQ(filterOf(fitout, rear).place, FilterPlace::None);
}

// A speaker that goes takes along the filter that was made for its lead.
TEST(Boards, OfOneLegGoWithTheirSpeaker)
{
    ThreeSpeakers car;
    car.take(fitMadeNetwork(car.plan, {{Leg::Tweeter, car.sail}}, {{Leg::Tweeter, car.parts.at(Leg::Tweeter)}}));
    car.take(removeSpeaker(car.plan, car.plan.job.goal, car.sail));
    EXPECT_EQ(car.boards(), 0);
}

}  // namespace
}  // namespace core
