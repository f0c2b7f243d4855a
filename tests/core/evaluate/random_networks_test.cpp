// A passive network of random parts between the radio and a speaker of the demo: whatever it is, the plan's results
// stay finite, its netlist reads back, and energy and ratings hold.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <sstream>

#include "core/base/grid.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/model/validate.h"
#include "core/netlist/circuit_netlist.h"
#include "tests/core/demo_plan.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;

Known stated(double value)
{
    return Known{value};
}

Element randomElement(const std::string& a, const std::string& b)
{
    Element element{.a = a, .b = b};
    switch (*rc::gen::inRange(0, 3)) {
        case 0:
            element.kind = ElementKind::Capacitor;
            element.figures[Quantity::Capacitance_f] = stated(between(1e-6, 1e-3));
            break;
        case 1:
            element.kind = ElementKind::Inductor;
            element.figures[Quantity::Inductance_h] = stated(between(1e-5, 1e-2));
            break;
        default:
            element.kind = ElementKind::Resistor;
            element.figures[Quantity::Resistance_ohm] = stated(between(0.1, 100.0));
    }
    if (element.kind != ElementKind::Resistor && *rc::gen::arbitrary<bool>())
        element.figures[Quantity::SeriesResistance_ohm] = stated(between(0.01, 2.0));
    return element;
}

// in - x0 - x1 .. - out, each inner node with something to the common line.
Plan planWithNetwork()
{
    Plan plan = tests::demoPlan();
    const StageId goal = plan.job.goal;
    Part part{.kind = PartKind::Network, .name = "random"};
    part.terminals = {{"i", ""}, {"o", ""}, {"c", ""}};
    std::string at = "i";
    const int rungs = *rc::gen::inRange(1, 4);
    for (int rung = 0; rung < rungs; ++rung) {
        const std::string next = rung + 1 == rungs ? "o" : "x" + std::to_string(rung);
        part.inside["S" + std::to_string(rung)] = randomElement(at, next);
        if (*rc::gen::arbitrary<bool>()) part.inside["P" + std::to_string(rung)] = randomElement(next, "c");
        at = next;
    }
    const PartId id = drawId<PartId>(plan);
    const DeviceId box = drawId<DeviceId>(plan);
    plan.parts[id] = part;
    plan.devices[{goal, box}] = Device{.part = id};
    const auto wire = [&](Pin a, Pin b) { plan.wires[{goal, drawId<WireId>(plan)}] = Wire{a, b}; };
    wire({tests::kRadio, "RL+"}, {box, "i"});
    wire({tests::kRadio, "RL-"}, {box, "c"});
    wire({box, "o"}, {tests::kRightSpeaker, "1+"});
    wire({tests::kRadio, "RL-"}, {tests::kRightSpeaker, "1-"});
    for (const int old : {22, 23}) plan.wires[{goal, {old}}] = std::nullopt;  // the speaker leaves its own channel
    return plan;
}

// A capacitor left hanging on one wire: parts, but nothing that leads back, so nothing flows and nothing is said of it.
TEST(OpenChannel, IsNoCircuit)
{
    Plan plan = tests::demoPlan();
    plan.wires[{plan.job.goal, {22}}] = std::nullopt;
    ASSERT_TRUE(validate(plan).empty());
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    EXPECT_EQ(findCircuit(stage, {tests::kRadio, "RR"}), nullptr);
    ASSERT_NE(findCircuit(stage, {tests::kRadio, "RL"}), nullptr);
    for (const CircuitResult& circuit : stage.circuits) EXPECT_TRUE(std::isfinite(circuit.clip_w));
}

bool finite(double value)
{
    return std::isfinite(value) && value >= 0.0;
}

RC_GTEST_PROP(RandomNetworkProperty, ResultsStayFiniteAndPartsAreRated, ())
{
    const Plan plan = planWithNetwork();
    RC_ASSERT(validate(plan).empty());
    const Evaluation evaluation = tests::evaluated(plan);
    for (const CircuitResult& circuit : evaluation.stages.at(plan.job.goal)->circuits) {
        RC_ASSERT(finite(circuit.least_ohm) && finite(circuit.clip_w));
        RC_ASSERT(circuit.load_ohm.isFinite().all());
        for (const PartBurden& burden : circuit.burdens) {
            RC_ASSERT(finite(burden.voltage_v) && finite(burden.current_a) && finite(burden.rating));
            RC_ASSERT(finite(burden.sine_w) && burden.programme_w <= burden.sine_w * (1.0 + 1e-9));
            if (burden.kind == ElementKind::Resistor) RC_ASSERT(burden.rating >= 0.25 * burden.sine_w * (1.0 - 1e-12));
        }
    }
    for (const RunResult& run : evaluation.stages.at(plan.job.goal)->runs)
        RC_ASSERT(finite(run.travel.sine_m) && finite(run.travel.programme_m) && finite(run.most_v) &&
                  finite(run.programme_w));
}

RC_GTEST_PROP(RandomNetworkProperty, ItsNetlistSolvesToTheSameVoltages, ())
{
    const Plan plan = planWithNetwork();
    const auto circuit = circuitOf(resolve(plan, plan.job.goal), {tests::kRadio, "RL"}, shippedShop().practice);
    RC_ASSERT(circuit.has_value());
    std::ostringstream out;
    writeNetlist(out, circuitNetlist(*circuit, "random"));
    const auto back = readNetlist(out.str(), "back");
    RC_ASSERT(back.has_value());
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const auto ours = solveNetwork(circuit->network, grid);
    const auto theirs = solveNetwork(back->network, grid);
    const int there = *findNode(back->network, std::to_string(circuit->terminal));
    const Eigen::ArrayXcd difference =
        ours->value.voltage_v.col(circuit->terminal) - theirs->value.voltage_v.col(there);
    RC_ASSERT(difference.abs().maxCoeff() < 1e-9);
}

RC_GTEST_PROP(RandomNetworkProperty, TheLoadTakesPowerAndGivesNone, ())
{
    const Plan plan = planWithNetwork();
    const Evaluation evaluation = tests::evaluated(plan);
    for (const CircuitResult& circuit : evaluation.stages.at(plan.job.goal)->circuits)
        RC_ASSERT(circuit.load_ohm.real().minCoeff() > -1e-9 * circuit.load_ohm.abs().maxCoeff());
}

}  // namespace
}  // namespace core
