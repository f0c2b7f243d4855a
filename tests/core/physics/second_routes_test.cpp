// The same answers by other roads: chain matrices for ladders, brute force for arrangements, plain sums for integrals.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>
#include <set>

#include "core/base/grid.h"
#include "core/physics/coil_arrangements.h"
#include "core/physics/elimination.h"
#include "core/physics/filter.h"
#include "core/physics/network.h"
#include "core/physics/network_matrix.h"
#include "core/physics/programme.h"
#include "core/physics/series_capacitor.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;
using Complex = std::complex<double>;

// A two-port by its chain matrix: [V1; I1] = [a b; c d] [V2; I2].
struct Chain {
    Complex a{1.0}, b{0.0}, c{0.0}, d{1.0};
    void series(Complex z)
    {
        b += a * z;
        d += c * z;
    }
    void shunt(Complex y)
    {
        a += b * y;
        c += d * y;
    }
};

struct Rung {
    NetworkKind kind = NetworkKind::Resistor;
    double value = 0.0;
    [[nodiscard]] Complex impedance(double w) const
    {
        if (kind == NetworkKind::Resistor) return value;
        return kind == NetworkKind::Inductor ? Complex{0.0, w * value} : 1.0 / Complex{0.0, w * value};
    }
};

Rung randomRung()
{
    const int kind = *rc::gen::inRange(0, 3);
    if (kind == 0) return {NetworkKind::Resistor, between(0.1, 100.0)};
    if (kind == 1) return {NetworkKind::Inductor, between(1e-5, 1e-2)};
    return {NetworkKind::Capacitor, between(1e-7, 1e-3)};
}

// Source: the theory of two-ports; a road that knows no nodes.
RC_GTEST_PROP(SecondRoute, LaddersByChainMatrices, ())
{
    Network network;
    int at = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", at, 0, 1.0});
    const double f = between(20.0, 20000.0), w = 2.0 * std::numbers::pi * f;
    Chain chain;
    for (int rung = *rc::gen::inRange(1, 10); rung > 0; --rung) {
        const Rung along = randomRung(), across = randomRung();
        const int next = addNode(network, "n");
        network.elements.push_back({along.kind, "A", at, next, along.value});
        network.elements.push_back({across.kind, "B", next, 0, across.value});
        chain.series(along.impedance(w));
        chain.shunt(1.0 / across.impedance(w));
        at = next;
    }
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, f));
    RC_ASSERT(solution.has_value());
    const Complex expected = 1.0 / chain.a, ours = solution->value.voltage_v(0, at);
    // Lossless chains may cancel almost wholly; then both roads lose the same digits.
    RC_PRE(std::abs(expected) < 1e3);
    RC_ASSERT(std::abs(ours - expected) < 1e-8 * std::max(std::abs(expected), 1e-6));
    const Complex input = -1.0 / elementCurrent_a(network, solution->value, 0)(0);
    RC_ASSERT(std::abs(input - chain.a / chain.c) < 1e-6 * std::abs(input));
}

// Taking the emptiest pivot first amounts to joining series and parallel parts: a ladder fills in nothing.
TEST(Elimination, OfALadderFillsInNothing)
{
    Network network;
    int at = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", at, 0, 1.0});
    for (int rung = 0; rung < 12; ++rung) {
        const int next = addNode(network, "n");
        network.elements.push_back({NetworkKind::Inductor, "L", at, next, 1e-3});
        network.elements.push_back({NetworkKind::Capacitor, "C", next, 0, 1e-5});
        network.elements.push_back({NetworkKind::Resistor, "R", next, 0, 8.0});
        at = next;
    }
    const NetworkMatrix matrix = networkMatrix(network);
    const Elimination order = chooseElimination(matrix, 2.0 * std::numbers::pi * 632.0);
    EXPECT_EQ(order.steps.size(), static_cast<size_t>(matrix.size));
    EXPECT_EQ(order.slots, static_cast<int>(matrix.entries.size()));
    for (const Elimination::Step& step : order.steps) EXPECT_LE(step.uppers.size(), 2U);
}

TEST(Elimination, OfASingularMatrixIsCutShort)
{
    Network network;
    addNode(network, "a");
    addNode(network, "b");
    network.elements.push_back({NetworkKind::Resistor, "R", 1, 2, 8.0});  // tied to nothing
    const NetworkMatrix matrix = networkMatrix(network);
    EXPECT_LT(chooseElimination(matrix, 4000.0).steps.size(), static_cast<size_t>(matrix.size));
}

// Brute force: join any two groups, in series or side by side, until one is left; different loads are counted as
// fractions that the doubles tell apart.
void joinAll(std::vector<double> loads, std::set<long long>& found)
{
    if (loads.size() == 1) {
        found.insert(std::llround(loads.front() * 1e9));
        return;
    }
    for (size_t i = 0; i < loads.size(); ++i) {
        for (size_t j = i + 1; j < loads.size(); ++j) {
            std::vector<double> rest;
            for (size_t k = 0; k < loads.size(); ++k)
                if (k != i && k != j) rest.push_back(loads[k]);
            rest.push_back(loads[i] + loads[j]);
            joinAll(rest, found);
            rest.back() = 1.0 / (1.0 / loads[i] + 1.0 / loads[j]);
            joinAll(rest, found);
        }
    }
}

TEST(SecondRoute, ArrangementsByBruteForce)
{
    for (const std::vector<double>& loads : {std::vector<double>{1, 1},
                                             {1, 1, 1},
                                             {1, 1, 1, 1},
                                             {1, 1, 1, 1, 1},
                                             {4, 4, 8},
                                             {4, 8, 2},
                                             {4, 4, 8, 8},
                                             {3, 4, 6, 8, 2}}) {
        std::set<long long> brute, ours;
        joinAll(loads, brute);
        const auto all = coilArrangements({loads.begin(), loads.end()});
        ASSERT_TRUE(all);
        for (const CoilArrangement& one : all->value) ours.insert(std::llround(one.load_ohm.real() * 1e9));
        EXPECT_EQ(ours, brute) << loads.size();
    }
}

// Source: the definition, by a plain midpoint sum over ten thousand steps of ln f.
TEST(SecondRoute, SpectrumFractionsByAPlainSum)
{
    for (const FilterShape& shape : {FilterShape{FilterFamily::Butterworth, 3}, FilterShape{FilterFamily::Bessel, 4}}) {
        for (const double corner : {120.0, 3500.0}) {
            const auto passed = [&](const Eigen::ArrayXd& f) {
                return filterResponse(shape, FilterSide::HighPass, corner, f).abs2().eval();
            };
            const auto weight = [](const Eigen::ArrayXd& f) { return programmeWeight({}, f); };
            const Eigen::ArrayXd f =
                20.0 * ((Eigen::ArrayXd::LinSpaced(10000, 0.5, 9999.5) / 10000.0) * std::log(1000.0)).exp();
            const double sum = (weight(f) * passed(f)).sum() / weight(f).sum();
            EXPECT_NEAR(spectrumFraction(weight, passed, 20.0, 20000.0)->value / sum, 1.0, 1e-6);
        }
    }
}

// Source: 1 / (2 pi R C): into a plain resistance the only crossing is the corner itself.
RC_GTEST_PROP(SecondRoute, ACapacitorIntoAResistanceCrossesAtItsCorner, ())
{
    const double resistance = between(2.0, 16.0), corner = between(50.0, 10000.0);
    const double capacitance = seriesCapacitance_f(corner, resistance)->value;
    const auto magnitude = [&](double f) {
        const double x = 2.0 * std::numbers::pi * f * resistance * capacitance;
        return x / std::sqrt(1.0 + x * x);
    };
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const std::vector<double> found = halfPowerCrossings_hz(grid, grid.unaryExpr(magnitude), magnitude);
    RC_ASSERT(found.size() == 1U);
    RC_ASSERT(std::abs(found.front() / corner - 1.0) < 1e-8);
}

}  // namespace
}  // namespace core
