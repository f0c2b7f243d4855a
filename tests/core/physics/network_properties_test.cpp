// Laws that hold for every linear network, whatever its shape and values.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <Eigen/LU>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/driver_network.h"
#include "core/physics/network.h"
#include "core/physics/network_condition.h"
#include "core/physics/network_matrix.h"
#include "core/physics/network_sweep.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;
using Complex = std::complex<double>;

Eigen::ArrayXd one(double f)
{
    return Eigen::ArrayXd::Constant(1, f);
}

void addRandomPart(Network& network, int from, int to)
{
    const int kind = *rc::gen::inRange(0, 3);
    const std::string name = std::to_string(network.elements.size());
    if (kind == 0) network.elements.push_back({NetworkKind::Resistor, "R" + name, from, to, between(0.05, 500.0)});
    if (kind == 1) network.elements.push_back({NetworkKind::Inductor, "L" + name, from, to, between(1e-5, 1e-2)});
    if (kind == 2) network.elements.push_back({NetworkKind::Capacitor, "C" + name, from, to, between(1e-7, 1e-3)});
}

// Some nodes, each tied to an earlier one, so that none floats; more parts and drivers between any two; a resistor from
// each node, so that no lossless resonance is hit exactly; no source yet.
Network randomNetwork()
{
    Network network;
    const int nodes = *rc::gen::inRange(2, 9);
    for (int node = 1; node <= nodes; ++node) {
        addNode(network, "n" + std::to_string(node));
        addRandomPart(network, node, *rc::gen::inRange(0, node));
        network.elements.push_back({NetworkKind::Resistor, "Rg" + std::to_string(node), node, 0, between(1.0, 1000.0)});
    }
    for (int extra = *rc::gen::inRange(0, 6); extra > 0; --extra) {
        const int from = *rc::gen::inRange(0, nodes + 1);
        const int to = *rc::gen::inRange(0, nodes + 1);
        if (from == to) continue;
        if (*rc::gen::inRange(0, 4) == 0) {
            const DriverParameters driver{
                .re_ohm = between(1.0, 16.0), .le_h = between(1e-5, 2e-3), .fs_hz = between(25.0, 2000.0)};
            addDriver(network, "d" + std::to_string(extra), from, to, driver, Box{.volume_m3 = between(0.005, 0.1)});
        } else {
            addRandomPart(network, from, to);
        }
    }
    return network;
}

Network withSource(Network network)
{
    const int in = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", in, 0, 1.0});
    network.elements.push_back({NetworkKind::Resistor, "Rs", in, 1, between(0.01, 10.0)});
    return network;
}

RC_GTEST_PROP(NetworkProperty, ThePowerThatLeavesTheSourceEndsInThePartsAndCoils, ())
{
    const Network network = withSource(randomNetwork());
    const auto solution = solveNetwork(network, one(between(20.0, 20000.0)));
    RC_ASSERT(solution.has_value());
    // Complex power, so that what swings to and fro balances, too.
    Complex sum{}, given{};
    for (size_t i = 0; i < network.elements.size(); ++i) {
        const Complex power = elementVoltage_v(network, solution->value, i)(0) *
                              std::conj(elementCurrent_a(network, solution->value, i)(0));
        if (network.elements[i].kind == NetworkKind::VoltageSource)
            given = -power;
        else
            sum += power;
    }
    RC_ASSERT(std::abs(sum - given) < 1e-9 * std::abs(given));
}

RC_GTEST_PROP(NetworkProperty, IsPassive, ())
{
    const Network network = withSource(randomNetwork());
    const auto solution = solveNetwork(network, frequencyGrid_hz());
    RC_ASSERT(solution.has_value());
    const auto source = findElement(network, "V1");
    RC_ASSERT((-elementCurrent_a(network, solution->value, *source).inverse()).real().minCoeff() > 0.0);
}

RC_GTEST_PROP(NetworkProperty, IsReciprocal, ())
{
    Network network = randomNetwork();
    const int nodes = static_cast<int>(network.nodeNames.size()) - 1;
    const int a = 1, b = *rc::gen::inRange(1, nodes + 1);
    const Eigen::ArrayXd at = one(between(20.0, 20000.0));
    network.elements.push_back({NetworkKind::CurrentSource, "I1", 0, a, 1.0});
    const auto there = solveNetwork(network, at);
    network.elements.back() = {NetworkKind::CurrentSource, "I1", 0, b, 1.0};
    const auto back = solveNetwork(network, at);
    const Complex forward = there->value.voltage_v(0, b), backward = back->value.voltage_v(0, a);
    RC_ASSERT(std::abs(forward - backward) < 1e-9 * std::max(std::abs(forward), 1e-6));
}

// The second route: one dense factorisation with partial pivoting at every frequency (Eigen).
RC_GTEST_PROP(NetworkProperty, AllFrequenciesAtOnceIsTheSameAsOneByOne, ())
{
    Network network = withSource(randomNetwork());
    if (*rc::gen::arbitrary<bool>()) {
        const int out = addNode(network, "out");
        network.elements.push_back({.kind = NetworkKind::VoltageControlledVoltage,
                                    .name = "E1",
                                    .plus = out,
                                    .value = between(0.1, 10.0),
                                    .controlPlus = 1});
        network.elements.push_back({NetworkKind::Resistor, "Ro", out, 2, between(0.5, 50.0)});
    }
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const auto solution = solveNetwork(network, grid);
    RC_ASSERT(solution.has_value());
    const NetworkMatrix matrix = networkMatrix(network);
    for (Eigen::Index i = 0; i < grid.size(); i += 37) {
        const ScaledEquations dense = scaledEquations(matrix, 2.0 * std::numbers::pi * grid(i));
        const Eigen::VectorXcd x = dense.matrix.partialPivLu().solve(dense.right);
        const Eigen::VectorXcd ours = solution->value.voltage_v.row(i).tail(matrix.nodes).matrix().transpose();
        RC_ASSERT((ours - x.head(matrix.nodes)).cwiseAbs().maxCoeff() <
                  1e-9 * x.head(matrix.nodes).cwiseAbs().maxCoeff());
    }
}

RC_GTEST_PROP(NetworkProperty, VoltsScaleWithTheSource, ())
{
    Network network = withSource(randomNetwork());
    const Eigen::ArrayXd at = one(between(20.0, 20000.0));
    const auto once = solveNetwork(network, at);
    network.elements[*findElement(network, "V1")].value = 7.0;
    const auto seven = solveNetwork(network, at);
    RC_ASSERT(((seven->value.voltage_v - 7.0 * once->value.voltage_v).abs() < 1e-9).all());
}

// A part of no resistance is a wire; one of immense resistance is not there.
RC_GTEST_PROP(NetworkProperty, LimitsOfZeroAndInfinityAreWiresAndGaps, ())
{
    Network network = withSource(randomNetwork());
    const Eigen::ArrayXd at = one(between(20.0, 20000.0));
    const auto without = solveNetwork(network, at);
    const int extra = addNode(network, "extra");
    network.elements.push_back({NetworkKind::Resistor, "Rw", 1, extra, 0.0});
    network.elements.push_back({NetworkKind::Inductor, "Lw", extra, addNode(network, "more"), 0.0});
    network.elements.push_back({NetworkKind::Resistor, "Rgap", extra + 1, 0, 1e15});
    network.elements.push_back({NetworkKind::Capacitor, "Cgap", extra + 1, 0, 0.0});
    const auto with = solveNetwork(network, at);
    RC_ASSERT(with.has_value());
    const Complex before = without->value.voltage_v(0, 1);
    RC_ASSERT(std::abs(with->value.voltage_v(0, 1) - before) < 1e-9 * std::abs(before));
    RC_ASSERT(std::abs(with->value.voltage_v(0, extra + 1) - before) < 1e-9 * std::abs(before));
}

// Source: circuit theory. A series L and C resonate to a short across the load: the load sees nothing, and the voltage
// between L and C is I / (jwC). The order of elimination meets a pivot of almost zero there.
TEST(NetworkSweep, SolvesALosslessResonanceExactlyHit)
{
    Network network;
    const int in = addNode(network, "in"), load = addNode(network, "load"), between_lc = addNode(network, "lc");
    network.elements = {{NetworkKind::VoltageSource, "V1", in, 0, 1.0},
                        {NetworkKind::Resistor, "Rs", in, load, 4.0},
                        {NetworkKind::Resistor, "Rl", load, 0, 4.0},
                        {NetworkKind::Inductor, "L1", load, between_lc, 1e-3},
                        {NetworkKind::Capacitor, "C1", between_lc, 0, 1e-5}};
    const double w = 1.0 / std::sqrt(1e-3 * 1e-5);
    const auto solution = solveNetwork(network, one(w / (2.0 * std::numbers::pi)));
    ASSERT_TRUE(solution);
    EXPECT_LT(std::abs(solution->value.voltage_v(0, load)), 1e-9);
    const Complex expected = 0.25 / Complex{0.0, w * 1e-5};
    EXPECT_LT(std::abs(solution->value.voltage_v(0, between_lc) - expected), 1e-9 * std::abs(expected));
}

// One order of elimination serves other values of the same shape.
TEST(NetworkSweep, KeepsItsOrderForOtherValues)
{
    Network network;
    const int in = addNode(network, "in"), out = addNode(network, "out");
    network.elements = {{NetworkKind::VoltageSource, "V1", in, 0, 1.0},
                        {NetworkKind::Resistor, "R1", in, out, 1.0},
                        {NetworkKind::Capacitor, "C1", out, 0, 1e-6}};
    const NetworkSweep sweep(network);
    for (const double r : {1e-6, 1.0, 1e6}) {
        network.elements[1].value = r;
        const auto solution = sweep.solve(network, one(1000.0));
        ASSERT_TRUE(solution);
        const Complex expected = 1.0 / (1.0 + Complex{0.0, 2.0 * std::numbers::pi * 1000.0 * r * 1e-6});
        EXPECT_LT(std::abs(solution->voltage_v(0, out) - expected), 1e-12);
    }
}

TEST(Condition, IsLargeWhereTwoEquationsAreNearlyTheSame)
{
    Network network;
    const int in = addNode(network, "in"), out = addNode(network, "out");
    network.elements = {{NetworkKind::VoltageSource, "V1", in, 0, 1.0},
                        {NetworkKind::Resistor, "R1", in, out, 1.0},
                        {NetworkKind::Resistor, "R2", out, 0, 1.0}};
    EXPECT_LT(conditionEstimate(network, one(1000.0)), 100.0);
    // Two nodes almost one, and hardly tied to anything else.
    const int far = addNode(network, "far");
    network.elements[1].value = network.elements[2].value = 1e7;
    network.elements.push_back({NetworkKind::Resistor, "R3", out, far, 1e-7});
    EXPECT_GT(conditionEstimate(network, one(1000.0)), 1e12);
}

}  // namespace
}  // namespace core
