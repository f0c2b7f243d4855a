// The program's own netlist, solved by a general circuit simulator (ngspice, from Debian), against the program's own
// solution.
#include <gtest/gtest.h>

#include <random>

#include "core/edits/filter_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/netlist/circuit_netlist.h"
#include "core/physics/preferred_values.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/spice.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

void expectAgreement(const Plan& plan, StageId stage, const Port& channel, const std::string& name)
{
    const auto circuit = circuitOf(resolve(plan, stage), channel, shippedShop().practice);
    ASSERT_TRUE(circuit);
    tests::expectAgreement(circuitNetlist(*circuit, name), name);
}

TEST(Spice, AgreesOnTheFactoryRun)
{
    expectAgreement(tests::demoPlan(), kFound, {tests::kRadio, "RL"}, "factory");
}

TEST(Spice, AgreesOnTheNewDriverBehindTheOldCapacitor)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    expectAgreement(plan, plan.job.goal, {tests::kRadio, "RL"}, "new");
}

TEST(Spice, AgreesOnABypassedCapacitor)
{
    const Plan plan = apply(tests::demoPlan(), bypass(tests::demoPlan(), {tests::kLeftPlug, "C"})).plan;
    expectAgreement(plan, plan.job.goal, {tests::kRadio, "RL"}, "bypassed");
}

// Two drivers in parallel on one channel, through wires with resistance, and a lossy coil and capacitor before one of
// them.
TEST(Spice, AgreesOnACircuitWithTwoDriversAndLosses)
{
    Plan plan = tests::demoPlan();
    const StageId goal = plan.job.goal;
    const PartId network = drawId<PartId>(plan);
    const DeviceId box = drawId<DeviceId>(plan);
    Part part{.kind = PartKind::Network, .name = "network"};
    part.terminals = {{"i", ""}, {"o", ""}};
    part.inside["L"] = {ElementKind::Inductor,
                        "i",
                        "m",
                        {{Quantity::Inductance_h, Known{0.47e-3}}, {Quantity::SeriesResistance_ohm, Known{0.28}}}};
    part.inside["C"] = {ElementKind::Capacitor,
                        "m",
                        "o",
                        {{Quantity::Capacitance_f, Known{220e-6}}, {Quantity::SeriesResistance_ohm, Known{0.05}}}};
    part.inside["R"] = {ElementKind::Resistor, "m", "o", {{Quantity::Resistance_ohm, Known{22.0}}}};
    plan.parts[network] = part;
    plan.devices[{goal, box}] = Device{.part = network};
    const auto wire = [&](Pin a, Pin b, double length_m) {
        Wire one{a, b};
        if (length_m > 0.0) one.figures = {{Quantity::Length_m, Known{length_m}}, {Quantity::Area_m2, Known{0.75e-6}}};
        plan.wires[{goal, drawId<WireId>(plan)}] = one;
    };
    wire({tests::kRadio, "RL+"}, {box, "i"}, 4.0);
    wire({box, "o"}, {tests::kRightSpeaker, "1+"}, 1.0);
    wire({tests::kRadio, "RL-"}, {tests::kRightSpeaker, "1-"}, 5.0);
    for (const int old : {22, 23}) plan.wires[{goal, {old}}] = std::nullopt;
    ASSERT_TRUE(validate(plan).empty());
    expectAgreement(plan, goal, {tests::kRadio, "RL"}, "losses");
}

// Whatever comes of making boards, setting values, taking parts out, bridging, adding to the lead and turning over.
TEST(Spice, AgreesOnWhateverTheBenchMakes)
{
    constexpr DeviceId kDoor{28}, kSail{37}, kSource{10};
    std::mt19937 dice(20261201);
    const auto below = [&](int count) { return std::uniform_int_distribution<>(0, count - 1)(dice); };
    const auto e12 = [&](double decade) { return decade * preferredDecade(PreferredSeries::E12)[size_t(below(12))]; };
    const auto maybe = [&](double decade) { return below(2) == 0 ? std::optional(e12(decade)) : std::nullopt; };
    const auto anyLeg = [&] {
        LegParts parts(size_t(1 + below(5)));
        for (LegPart& part : parts) {
            const int kind = below(3);
            if (kind == 0) part = {ElementKind::Capacitor, below(2) == 0, e12(1e-6)};
            if (kind == 1) part = {ElementKind::Inductor, below(2) == 0, e12(1e-4)};
            if (kind == 2) part = {ElementKind::Resistor, below(2) == 0, e12(1.0)};
        }
        return parts;
    };
    const Plan shipped = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    for (int i = 0; i < 24; ++i) {
        Plan plan = shipped;
        const auto take = [&](const Edit& edit) {
            const Applied done = apply(plan, edit);
            EXPECT_EQ(apply(done.plan, done.inverse).plan, plan) << "undone after others";
            plan = done.plan;
        };
        for (int step = 0; step < 4; ++step) {
            const Fitout fitout = resolve(plan, plan.job.goal);
            std::vector<Port> parts;  // that lie on the left front's way
            for (const auto& [id, device] : fitout.devices)
                if (const PlaceId at = device.at; at == PlaceId{25} || at == PlaceId{34})
                    for (const auto& [name, element] : fitout.parts.at(device.part).inside)
                        if (boughtBy(element.kind)) parts.push_back({id, name});
            const Port any = parts.empty() ? Port{} : parts[size_t(below(int(parts.size())))];
            const int what = below(9);
            if (what == 0)
                take(fitMadeNetwork(
                    plan, tests::onBoard(kDoor, kSail),
                    tests::partsOf({maybe(1e-5), maybe(1e-7), e12(1e-7), maybe(1e-5), maybe(0.1)})));
            else if (what == 7)
                take(fitMadeNetwork(plan, tests::onBoard(kDoor, kSail),
                                    {{Leg::Woofer, anyLeg()}, {Leg::Tweeter, anyLeg()}}));
            else if (what == 8)
                take(fitMadeNetwork(plan, {{Leg::Mid, below(2) ? kDoor : kSail}}, {{Leg::Mid, anyLeg()}}));
            else if (what == 1)
                take(addResistor(plan, below(2) ? kDoor : kSail, e12(0.1)));
            else if (what == 2)
                take(addCapacitor(plan, kSail, e12(1e-7)));
            else if (what == 3)
                take(planTurnOver(plan, below(2) ? kDoor : kSail));
            else if (what == 6)
                take(addAcross(plan, below(2) ? kDoor : kSail, {e12(0.1), below(2) ? e12(1e-5) : 0.0, e12(1e-6)}));
            else if (any.device && partOf(fitout, any.device).kind != PartKind::Driver)
                take(what == 4 ? setPartValue(
                                     plan, any,
                                     1.5 * *valueOf(figuresOf(partOf(fitout, any.device), any.element),
                                                    *boughtBy(partOf(fitout, any.device).inside.at(any.element).kind)))
                               : takePartOut(plan, any));
        }
        const auto kept = readPlanText(planText({plan, {}}), "bench.reed");
        ASSERT_TRUE(kept) << i << " cannot be opened again: " << kept.error().message;
        EXPECT_EQ(kept->plan, plan) << i;
        expectAgreement(plan, plan.job.goal, {kSource, "FL"}, "bench" + std::to_string(i));
    }
}

// What a survey wires by itself: a woofer and a tweeter with its own capacitor on one pair, of every kind of vehicle
// that has both. The simulator has to find the same volts.
TEST(Spice, AgreesOnWhatASurveyWires)
{
    const Shop shop = shippedShop();
    for (const BodyKind kind : {BodyKind::Estate, BodyKind::Pickup, BodyKind::Van}) {
        Plan plan = newPlan(kind, shop.vehicles);
        for (const UsualSpot& spot : usualSpots(plan.body, shop.vehicles))
            if (spot.name == "front door" || spot.name == "sail" || spot.name == "dash top")
                plan = apply(plan, addSpeakers(plan, kFactory, spot, shop.practice)).plan;
        ASSERT_EQ(plan.places.size(), 6U);
        const Port channel = runs(resolve(plan, kFound)).front().id.channel;
        expectAgreement(plan, kFound, channel, "survey-" + std::string(textOf(kind)));
    }
}

// The same where the tweeter is wired on from the woofer's plug, and where its capacitor is another one.
TEST(Spice, AgreesOnALoopThroughWithAnotherCapacitor)
{
    const Shop shop = shippedShop();
    Plan plan = newPlan(BodyKind::Estate, shop.vehicles);
    for (const UsualSpot& spot : usualSpots(plan.body, shop.vehicles))
        if (spot.name == "front door" || spot.name == "sail")
            plan = apply(plan, addSpeakers(plan, kFactory, spot, shop.practice)).plan;
    std::vector<DeviceId> left;
    for (const auto& [id, device] : resolve(plan, kFound).devices)
        if (plan.places.contains(device.at) && plan.places.at(device.at).frame.at_m.y > 0.0) left.push_back(id);
    ASSERT_EQ(left.size(), 2U);
    plan = apply(plan, loopThrough(plan, kFactory, left[1], left[0])).plan;
    Part tweeter = plan.parts.at(resolve(plan, kFound).devices.at(left[1]).part);
    setOwnCapacitor(tweeter, Known{10e-6});
    plan = apply(plan, changePart(plan, kFactory, left[1], tweeter)).plan;
    const Port channel = runs(resolve(plan, kFound)).front().id.channel;
    expectAgreement(plan, kFound, channel, "looped");
}

}  // namespace
}  // namespace core
