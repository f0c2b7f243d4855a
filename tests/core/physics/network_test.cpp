#include "core/physics/network.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "core/physics/network_sweep.h"
#include "tests/core/physics/reference_networks.h"

namespace core {
namespace {

double decibels(std::complex<double> ratio)
{
    return 20.0 * std::log10(std::abs(ratio));
}
double degrees(std::complex<double> ratio)
{
    return std::arg(ratio) * 180.0 / std::numbers::pi;
}

// Half a unit of the last of the six digits that the table prints.
double halfDigit(double printed)
{
    return 0.5 * std::pow(10.0, std::floor(std::log10(std::abs(printed))) - 5.0);
}

class ReferenceNetwork : public testing::TestWithParam<tests::NetworkRow> {};

// Source: networks N1-N4, solved by an independent nodal analysis and by a general circuit simulator (agreeing to
// 1e-12).
TEST_P(ReferenceNetwork, GivesThePrintedVoltageAndInputImpedance)
{
    const tests::NetworkRow& row = GetParam();
    const Network network = tests::referenceNetwork(row.network);
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, row.frequency_hz));
    ASSERT_TRUE(solution);
    const int node = tests::nodeOf(network, row.node);
    const std::complex<double> voltage = solution->value.voltage_v(0, node);
    EXPECT_NEAR(decibels(voltage), row.level_db, halfDigit(row.level_db));
    EXPECT_NEAR(degrees(voltage), row.phase_deg, halfDigit(row.phase_deg));
    const std::complex<double> input = -1.0 / elementCurrent_a(network, solution->value, 0)(0);
    EXPECT_NEAR(std::abs(input), row.input_ohm, halfDigit(row.input_ohm));
}

INSTANTIATE_TEST_SUITE_P(Printed, ReferenceNetwork, testing::ValuesIn(tests::networkRows()));

// Source: definition of the stamps: a current source drives its current out of its minus end; E copies, G takes current
// in at plus.
TEST(Network, KnowsCurrentAndControlledSources)
{
    Network network;
    for (const char* node : {"p", "q", "e", "a"}) addNode(network, node);
    network.elements = {{NetworkKind::VoltageSource, "V1", 1, 0, 1.0},
                        {.kind = NetworkKind::VoltageControlledCurrent,
                         .name = "G1",
                         .plus = 0,
                         .minus = 2,
                         .value = 2.0,
                         .controlPlus = 1,
                         .controlMinus = 0},
                        {NetworkKind::Resistor, "Rq", 2, 0, 1.0},
                        {.kind = NetworkKind::VoltageControlledVoltage,
                         .name = "E1",
                         .plus = 3,
                         .minus = 0,
                         .value = 3.0,
                         .controlPlus = 1,
                         .controlMinus = 0},
                        {NetworkKind::Resistor, "Re", 3, 0, 1.0},
                        {NetworkKind::CurrentSource, "I1", 0, 4, 1.0},
                        {NetworkKind::Resistor, "Ra", 4, 0, 1.0}};
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, 1000.0));
    ASSERT_TRUE(solution);
    EXPECT_NEAR(solution->value.voltage_v(0, 2).real(), 2.0, 1e-12);
    EXPECT_NEAR(solution->value.voltage_v(0, 3).real(), 3.0, 1e-12);
    EXPECT_NEAR(solution->value.voltage_v(0, 4).real(), 1.0, 1e-12);
}

TEST(Network, NamesFloatingNodes)
{
    Network network;
    for (const char* node : {"in", "left", "right"}) addNode(network, node);
    network.elements = {{NetworkKind::VoltageSource, "V1", 1, 0, 1.0},
                        {NetworkKind::Resistor, "R1", 1, 0, 4.0},
                        {NetworkKind::Capacitor, "C1", 2, 3, 1e-6}};
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, 1000.0));
    ASSERT_FALSE(solution);
    EXPECT_EQ(solution.error().code, ErrorCode::Singular);
    EXPECT_EQ(solution.error().quantity, "nodes left, right");
}

TEST(Network, RefusesALoopOfSources)
{
    Network network;
    addNode(network, "in");
    network.elements = {{NetworkKind::VoltageSource, "V1", 1, 0, 1.0}, {NetworkKind::Resistor, "R1", 1, 0, 0.0}};
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, 1000.0));
    ASSERT_FALSE(solution);
    EXPECT_EQ(solution.error().code, ErrorCode::Singular);
}

TEST(Network, RefusesWhatIsNoFrequencyAndNoPart)
{
    Network network;
    addNode(network, "in");
    network.elements = {{NetworkKind::VoltageSource, "V1", 1, 0, 1.0}, {NetworkKind::Resistor, "R1", 1, 0, 4.0}};
    EXPECT_EQ(solveNetwork(network, Eigen::ArrayXd::Zero(1)).error().code, ErrorCode::OutOfDomain);
    EXPECT_EQ(solveNetwork(network, Eigen::ArrayXd::Constant(1, NAN)).error().code, ErrorCode::NotFinite);
    network.elements[1].value = -4.0;
    EXPECT_EQ(solveNetwork(network, Eigen::ArrayXd::Constant(1, 1.0)).error().quantity, "R1");
}

Network ladder(double inductance_h, double resistance_ohm)
{
    Network network;
    const int in = addNode(network, "in"), out = addNode(network, "out");
    network.elements = {{.kind = NetworkKind::VoltageSource, .name = "v", .plus = in, .minus = 0, .value = 1.0},
                        {.kind = NetworkKind::Inductor, .name = "l", .plus = in, .minus = out, .value = inductance_h},
                        {.kind = NetworkKind::Resistor, .name = "r", .plus = out, .minus = 0, .value = resistance_ohm}};
    return network;
}

// One elimination serves all values of one shape, and only those: a part of exactly nothing is another shape.
TEST(NetworkShape, IsWhatOneSweepCanSolve)
{
    EXPECT_TRUE(sameShape(ladder(1e-3, 4.0), ladder(3e-4, 8.0)));
    EXPECT_FALSE(sameShape(ladder(1e-3, 4.0), ladder(0.0, 4.0)));
    Network longer = ladder(1e-3, 4.0);
    longer.elements.push_back({.kind = NetworkKind::Resistor, .name = "r2", .plus = 2, .minus = 0, .value = 8.0});
    EXPECT_FALSE(sameShape(ladder(1e-3, 4.0), longer));
    Network crossed = ladder(1e-3, 4.0);
    std::swap(crossed.elements[1].plus, crossed.elements[1].minus);
    EXPECT_FALSE(sameShape(ladder(1e-3, 4.0), crossed));
}

// H = R / (R + j w L): the sweep of another ladder's values gives this one's.
TEST(NetworkShape, OfAnotherSolvesThisOne)
{
    const NetworkSweep sweep(ladder(1e-3, 4.0));
    const Network other = ladder(0.5e-3, 8.0);
    const Eigen::ArrayXd hz = Eigen::ArrayXd::LinSpaced(20, 50.0, 20000.0);
    const auto solution = sweep.solve(other, hz);
    ASSERT_TRUE(solution);
    for (Eigen::Index i = 0; i < hz.size(); ++i) {
        const std::complex<double> wanted = 8.0 / std::complex<double>(8.0, 2.0 * std::numbers::pi * hz(i) * 0.5e-3);
        EXPECT_NEAR(std::abs(solution->voltage_v(i, 2) - wanted), 0.0, 1e-12) << hz(i);
    }
}

}  // namespace
}  // namespace core
