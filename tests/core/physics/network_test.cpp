#include "core/physics/network.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

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

}  // namespace
}  // namespace core
