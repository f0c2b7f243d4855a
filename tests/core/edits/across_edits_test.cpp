// Parts across a speaker: where they go among whatever else lies on its way, and what the channel then sees.
#include <gtest/gtest.h>

#include <cmath>
#include <set>

#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/fit_edits.h"
#include "core/edits/lead_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/turn_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/wiring_graph.h"
#include "core/io/plan_file.h"
#include "core/survey/bench_way.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;

constexpr SeriesBranch kPair{3.9, 0.0, 22e-6};

// Turnstone saloon, Tomas Weir: door woofer and sail tweeter on one pair. Source of the figures: nodal analysis by an
// independent script, and ngspice for the least load of the kit as bought (3.033 ohm at 3393 Hz).
struct Saloon {
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    DeviceId door = driverAt(plan, "left front door"), sail = driverAt(plan, "left sail");

    Saloon()
    {
        for (const auto& [what, value] : {std::pair{Quantity::Area_m2, 0.75e-6}, {Quantity::Length_m, 3.5}})
            plan = after(plan, noteCable(plan, kFactory, door, what, Known{value}));
        plan = after(plan, fitPart(plan, door,
                                   tests::driverPart("Bittern woofer", {{Quantity::Re_ohm, 3.3},
                                                                        {Quantity::Le_h, 0.4e-3},
                                                                        {Quantity::Fs_hz, 60.0},
                                                                        {Quantity::Qms, 5.0},
                                                                        {Quantity::Qes, 0.6},
                                                                        {Quantity::Vas_m3, 0.012},
                                                                        {Quantity::Sd_m2, 0.0134},
                                                                        {Quantity::Xmax_m, 0.005},
                                                                        {Quantity::Nominal_ohm, 4.0}})));
        plan = after(plan, fitPart(plan, sail,
                                   tests::driverPart("Bittern dome", {{Quantity::Re_ohm, 3.4},
                                                                      {Quantity::Le_h, 0.03e-3},
                                                                      {Quantity::Fs_hz, 1400.0},
                                                                      {Quantity::Qms, 2.0},
                                                                      {Quantity::Qes, 1.3},
                                                                      {Quantity::Vas_m3, 1.9e-6},
                                                                      {Quantity::Sd_m2, 6.4e-4},
                                                                      {Quantity::Xmax_m, 0.0003},
                                                                      {Quantity::Nominal_ohm, 4.0}})));
    }
    void fitKit()
    {
        Part kit = boardOf(tests::partsOf({0.43e-3, 10e-6, 6.8e-6, 0.43e-3, 1.0}), "Bittern network");
        kit.inside.at("Lw").figures[Quantity::SeriesResistance_ohm] = Known{0.6};
        kit.inside.at("Lt").figures[Quantity::SeriesResistance_ohm] = Known{0.3};
        kit.shelfKey = "bittern-network";
        plan = after(plan, fitNetwork(plan, tests::onBoard(door, sail), kit));
    }
    void takeAcross(const SeriesBranch& branch = kPair) { plan = after(plan, addAcross(plan, door, branch)); }

    [[nodiscard]] Fitout goal() const { return resolve(plan, plan.job.goal); }
    [[nodiscard]] int across() const
    {
        const Fitout fitout = goal();
        return static_cast<int>(std::count_if(fitout.devices.begin(), fitout.devices.end(), [&](const auto& entry) {
            return isBranchAcross(fitout.parts.at(entry.second.part));
        }));
    }
    [[nodiscard]] CircuitResult circuit() const
    {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = tests::goalOf(evaluation, plan);
        return *findCircuit(stage, findRunOfDevice(stage, door)->run.id.channel);
    }
    [[nodiscard]] bool speaks(RuleId rule) const
    {
        const auto findings = judge(plan, tests::evaluated(plan));
        return std::any_of(findings.begin(), findings.end(), [&](const Finding& one) { return one.rule == rule; });
    }
};

TEST(AcrossEdits, TheKitIsTooLowAndAPairAcrossTheWooferMendsIt)
{
    Saloon car;
    car.fitKit();
    EXPECT_NEAR(car.circuit().least_ohm, 3.033, 0.02 * 3.033);
    EXPECT_NEAR(car.circuit().least_hz, 3393.0, 0.03 * 3393.0);
    EXPECT_TRUE(car.speaks(RuleId::LoadUnderMinimum));
    car.takeAcross();
    EXPECT_EQ(car.across(), 2) << "both sides";
    EXPECT_NEAR(car.circuit().least_ohm, 3.78, 0.02 * 3.78);
    EXPECT_NEAR(car.circuit().least_hz, 280.0, 0.05 * 280.0);
    EXPECT_FALSE(car.speaks(RuleId::LoadUnderMinimum));
}

TEST(AcrossEdits, LiesBesideTheCoilAndNamesNoOtherFeed)
{
    Saloon car;
    const size_t before = runs(car.goal()).size();
    car.fitKit();
    const DeviceId network = networkOf(car.goal(), car.door);
    car.takeAcross();
    EXPECT_EQ(runs(car.goal()).size(), before) << "no coil plays by another way";
    EXPECT_EQ(networkOf(car.goal(), car.door), network);
    const DeviceId branch = branchAcross(car.goal(), car.door);
    ASSERT_TRUE(branch);
    EXPECT_FALSE(branchAcross(car.goal(), car.sail));
    const BenchWay way = benchWay(car.goal(), runs(car.goal()).front().id.channel);
    bool found = false;
    for (const BenchChain& leg : way.chains)
        for (const BenchChain& chain : leg.next)
            found = found || (chain.across && chain.coils.empty() &&
                              chain.parts == std::vector<Port>{{branch, "R"}, {branch, "C"}});
    EXPECT_TRUE(found);
    const auto kept = readPlanText(planText({car.plan, {}}), "kit.reed");
    ASSERT_TRUE(kept) << kept.error().message;
    EXPECT_EQ(kept->plan, car.plan);
}

// Whatever is done first, the channel sees the same: the pair stays at the speaker.
TEST(AcrossEdits, TheOrderOfEditsIsNothingToTheLoad)
{
    const auto load = [](auto... steps) {
        Saloon car;
        (steps(car), ...);
        return car.circuit().load_ohm;
    };
    const auto across = [](Saloon& car) { car.takeAcross(); };
    const auto kit = [](Saloon& car) { car.fitKit(); };
    const auto capacitor = [](Saloon& car) { car.plan = after(car.plan, addCapacitor(car.plan, car.door, 100e-6)); };
    const auto resistor = [](Saloon& car) { car.plan = after(car.plan, addResistor(car.plan, car.door, 2.2)); };
    const auto turned = [](Saloon& car) { car.plan = after(car.plan, planTurnOver(car.plan, car.door)); };
    const auto lead = [](Saloon& car) {
        const Part woofer = partOf(car.goal(), car.door);
        car.plan = after(car.plan, fitPluggedIn(car.plan, car.door, woofer, tests::shop().shelf.find("lead-d")));
    };
    EXPECT_TRUE(load(across, kit).isApprox(load(kit, across), 1e-12));
    EXPECT_TRUE(load(across, capacitor).isApprox(load(capacitor, across), 1e-12));
    EXPECT_TRUE(load(across, resistor).isApprox(load(resistor, across), 1e-12));
    EXPECT_TRUE(load(across, lead).isApprox(load(lead, across), 1e-12));
    EXPECT_TRUE(load(kit, turned, across).isApprox(load(kit, across, turned), 1e-12));
    EXPECT_FALSE(load(capacitor).isApprox(load(capacitor, across), 1e-3)) << "it does something";
}

TEST(AcrossEdits, AnotherOneTakesItsPlaceAndOneTakenOutLeavesNothing)
{
    Saloon car;
    car.fitKit();
    const Plan kit = car.plan;
    car.takeAcross();
    const DeviceId branch = branchAcross(car.goal(), car.door);
    car.takeAcross({4.7, 0.0, 33e-6});
    EXPECT_EQ(car.across(), 2);
    EXPECT_EQ(branchAcross(car.goal(), car.door), branch);
    EXPECT_DOUBLE_EQ(*valueOf(figuresOf(partOf(car.goal(), branch), "C"), Quantity::Capacitance_f), 33e-6);
    car.plan = after(car.plan, setPartValue(car.plan, {branch, "R"}, 5.6));
    EXPECT_DOUBLE_EQ(*valueOf(figuresOf(partOf(car.goal(), branch), "R"), Quantity::Resistance_ohm), 5.6);
    EXPECT_EQ(car.across(), 2) << "still what it is";
    for (const char* element : {"R", "C"}) {
        const Plan bare = after(car.plan, takePartOut(car.plan, {branch, element}));
        EXPECT_EQ(resolve(bare, bare.job.goal).devices.size(), resolve(kit, kit.job.goal).devices.size());
        EXPECT_TRUE(
            tests::evaluated(bare)
                .stages.at(bare.job.goal)
                ->circuits.front()
                .load_ohm.isApprox(tests::evaluated(kit).stages.at(kit.job.goal)->circuits.front().load_ohm, 1e-12));
    }
    car.plan = after(car.plan, removeNetwork(car.plan, car.door));
    EXPECT_EQ(car.across(), 2) << "it is the speaker's, not the network's";
    EXPECT_FALSE(networkOf(car.goal(), car.door));
    EXPECT_EQ(runs(car.goal()).size(), 4U) << "all four play again";
}

// One resistor is a way from plus to minus, too: where it goes no wire may stay in its place.
TEST(AcrossEdits, AnyOfThemTakenOutLeavesTheSpeakerAsItWas)
{
    for (const SeriesBranch& branch :
         {SeriesBranch{4.7, 0.0, 0.0}, SeriesBranch{0.0, 0.0, 22e-6}, SeriesBranch{5.6, 0.47e-3, 22e-6}}) {
        Saloon car;
        const Eigen::ArrayXcd bare_ohm = car.circuit().load_ohm;
        car.takeAcross(branch);
        EXPECT_FALSE(car.circuit().load_ohm.isApprox(bare_ohm, 1e-3));
        const DeviceId there = branchAcross(car.goal(), car.door);
        const std::string element = branch.r_ohm > 0.0 ? "R" : "C";
        car.plan = after(car.plan, takePartOut(car.plan, {there, element}));
        EXPECT_EQ(car.across(), 0);
        EXPECT_TRUE(car.circuit().load_ohm.isApprox(bare_ohm, 1e-12));
    }
}

// What lies across a speaker is not what keeps the lows from it.
TEST(AcrossEdits, IsNoHighPass)
{
    Saloon car;
    car.takeAcross();
    EXPECT_EQ(filterOf(car.goal(), car.door).place, FilterPlace::None);
    EXPECT_FALSE(findRunOfDevice(tests::goalOf(tests::evaluated(car.plan), car.plan), car.door)->seriesCapacitance_f);
    car.plan = after(car.plan, addCapacitor(car.plan, car.door, 100e-6));
    const FilterFound found = filterOf(car.goal(), car.door);
    EXPECT_DOUBLE_EQ(found.value->value, 100e-6);
    EXPECT_NE(found.capacitor.device, branchAcross(car.goal(), car.door));
    car.plan = after(car.plan, setFilter(car.plan, car.plan.job.goal, car.door, FilterPlace::None, {}));
    EXPECT_EQ(car.across(), 2) << "the filter goes, the pair across stays";
}

// A speaker that goes takes what was made for it along, one thing behind the other.
TEST(AcrossEdits, GoesWithItsSpeaker)
{
    Saloon car;
    const Plan bare = after(car.plan, removeSpeaker(car.plan, car.plan.job.goal, car.door));
    car.takeAcross();
    car.plan = after(car.plan, addResistor(car.plan, car.door, 2.2));
    const Plan gone = after(car.plan, removeSpeaker(car.plan, car.plan.job.goal, car.door));
    const auto names = [](const Plan& plan) {
        std::multiset<std::string> all;
        for (const auto& [id, device] : resolve(plan, plan.job.goal).devices)
            all.insert(plan.parts.at(device.part).name);
        return all;
    };
    EXPECT_EQ(names(gone), names(bare));
    EXPECT_EQ(runs(resolve(gone, gone.job.goal)).size(), runs(resolve(bare, bare.job.goal)).size());
}

// A board is found through what lies between it and its woofer, and taken out from before it: as if it had gone first.
TEST(AcrossEdits, ABoardIsFoundThroughTheWoofersLead)
{
    const auto takeBoardOut = [](Saloon& car) { car.plan = after(car.plan, removeNetwork(car.plan, car.door)); };
    const auto addToLead = [](Saloon& car, bool turned) {
        car.plan = after(car.plan, addResistor(car.plan, car.door, 1.0));
        car.takeAcross();
        if (turned) car.plan = after(car.plan, planTurnOver(car.plan, mates(car.goal(), car.door)));
    };
    for (const bool turned : {false, true}) {
        Saloon first, last;
        first.fitKit();
        takeBoardOut(first);
        addToLead(first, turned);
        last.fitKit();
        const DeviceId network = networkOf(last.goal(), last.door);
        addToLead(last, turned);
        ASSERT_TRUE(network);
        EXPECT_EQ(networkOf(last.goal(), last.door), network);
        takeBoardOut(last);
        EXPECT_FALSE(networkOf(last.goal(), last.door));
        EXPECT_EQ(runs(last.goal()).size(), 4U);
        for (const DeviceId driver : {last.door, last.sail}) {
            const auto signOf = [&](const Saloon& car) {
                for (const core::Run& run : runs(car.goal()))
                    if (run.id.coil.device == driver) return run.sign;
                return 0;
            };
            EXPECT_EQ(signOf(last), signOf(first)) << turned;
        }
    }
}

// Resistor alone: what an ohmmeter reads before the speaker is both side by side; behind a capacitor it reads the coil.
TEST(AcrossEdits, AMeterReadsAResistorBesideTheCoil)
{
    Saloon car;
    const auto reads = [&] {
        const Evaluation evaluation = tests::evaluated(car.plan);
        const StageResult& stage = tests::goalOf(evaluation, car.plan);
        return atLeads(stage.used, *findRunOfDevice(stage, car.door), evaluation.practice).value;
    };
    car.takeAcross();
    EXPECT_NEAR(reads(), 3.3, 1e-9);
    car.takeAcross({6.6, 0.0, 0.0});
    EXPECT_NEAR(reads(), 2.2, 1e-9);
    car.plan = after(car.plan, addResistor(car.plan, car.door, 1.0));
    EXPECT_NEAR(reads(), 3.2, 1e-9) << "one after the other, behind both";
}

}  // namespace
}  // namespace core
