// Laws of passive parts: what a pad keeps, what compensation flattens, what tolerances do.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/base/splitmix.h"
#include "core/physics/bands.h"
#include "core/physics/compensation.h"
#include "core/physics/driver_network.h"
#include "core/physics/network.h"
#include "core/physics/pad.h"
#include "core/physics/part_stress.h"
#include "core/physics/preferred_values.h"
#include "core/physics/programme.h"
#include "core/physics/tolerance.h"
#include "tests/core/physics/reference_networks.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;

RC_GTEST_PROP(PadProperty, KeepsTheLoadAndAttenuatesByItsDecibels, ())
{
    const double load = between(1.0, 16.0), attenuation = between(0.1, 40.0);
    const Pad found = pad(attenuation, load);
    const double together = *found.shunt_ohm * load / (*found.shunt_ohm + load);
    RC_ASSERT(std::abs((found.series_ohm + together) / load - 1.0) < 1e-9);
    RC_ASSERT(std::abs(-decibels(together / (found.series_ohm + together)) - attenuation) < 1e-9);
    RC_ASSERT(std::abs(-decibels(load / (found.plainSeries_ohm + load)) - attenuation) < 1e-9);
}

// Source: network duality: with the exact branch across it a driver is its Re at every frequency.
RC_GTEST_PROP(CompensationProperty, TheExactBranchMakesADriverAResistance, ())
{
    const DriverParameters d{.re_ohm = between(2.0, 8.0),
                             .le_h = between(5e-5, 2e-3),
                             .fs_hz = between(30.0, 2000.0),
                             .qms = between(1.0, 8.0),
                             .qes = between(0.3, 2.0)};
    const ExactCompensation exact = exactCompensation(d);
    Network network;
    const int in = addNode(network, "in"), z = addNode(network, "z"), a = addNode(network, "a"),
              b = addNode(network, "b");
    network.elements = {
        {NetworkKind::VoltageSource, "V1", in, 0, 1.0},       {NetworkKind::Resistor, "Rz", in, z, exact.r_ohm},
        {NetworkKind::Capacitor, "Cz", z, 0, exact.c_f},      {NetworkKind::Resistor, "Rc", z, a, exact.chain.r_ohm},
        {NetworkKind::Inductor, "Lc", a, b, exact.chain.l_h}, {NetworkKind::Capacitor, "Cc", b, 0, exact.chain.c_f}};
    addDriver(network, "d", in, 0, d);
    const auto solution = solveNetwork(network, frequencyGrid_hz());
    const Eigen::ArrayXcd load = -elementCurrent_a(network, solution->value, 0).inverse();
    RC_ASSERT(((load - d.re_ohm) / d.re_ohm).abs().maxCoeff() < 1e-9);
}

// A lossy coil cannot be flattened wholly, but the fit beats the customary resistor of 1.25 Re with C = L / R^2.
RC_GTEST_PROP(CompensationProperty, TheFittedBranchBeatsTheRuleOfThumb, ())
{
    const LossyCoil coil{between(2.0, 8.0), between(0.01, 0.1), 0.6 + 0.3 * (*rc::gen::inRange(0, 100)) / 100.0};
    const double crossover = between(800.0, 4000.0);
    const FittedCompensation fitted = fittedCompensation(coil, crossover);
    const auto ripple = [&](double r, double c) {
        const Eigen::ArrayXd w =
            2.0 * std::numbers::pi * crossover * (Eigen::ArrayXd::LinSpaced(49, -1.0, 1.0) * std::log(2.0)).exp();
        const Eigen::ArrayXcd s = std::complex<double>{0.0, 1.0} * w.cast<std::complex<double>>();
        const Eigen::ArrayXcd z = coil.re_ohm + coil.k * (s.log() * coil.exponent).exp();
        const Eigen::ArrayXcd branch = r + (s * c).inverse();
        return ((z * branch / (z + branch)).abs() / coil.re_ohm).log().square().sum();
    };
    const double w0 = 2.0 * std::numbers::pi * crossover;
    const double inductance = coil.k * std::pow(w0, coil.exponent) / w0;
    const double r = 1.25 * coil.re_ohm;
    RC_ASSERT(ripple(fitted.branch.r_ohm, fitted.branch.c_f) <= ripple(r, inductance / (r * r)) * (1.0 + 1e-6));
}

RC_GTEST_PROP(PreferredProperty, TwoPartsAreNeverFartherOffThanOne, ())
{
    const double value = between(1e-7, 1e3);
    for (const PreferredSeries series : {PreferredSeries::E6, PreferredSeries::E12, PreferredSeries::E24}) {
        const PreferredParts parts = preferredParts(value, series)->value;
        const double one = nearestPreferred(value, series)->value;
        RC_ASSERT(std::abs(std::log(parts.together / value)) <= std::abs(std::log(one / value)) + 1e-12);
        RC_ASSERT(std::abs(parts.first + parts.second - parts.together) < 1e-12 * parts.together);
    }
}

// IEC 60063:2015 and ISO 3:1973 (R20): up and down by so many values, over the ends of a decade.
TEST(Preferred, StepsThroughASeries)
{
    EXPECT_EQ(preferredStep(8.2e-6, PreferredSeries::E12, 1)->value, 10e-6);
    EXPECT_EQ(preferredStep(10e-6, PreferredSeries::E12, -2)->value, 6.8e-6);
    EXPECT_EQ(preferredStep(9.0, PreferredSeries::E12, 1)->value, 10.0);
    EXPECT_EQ(preferredStep(9.0, PreferredSeries::E12, 0)->value, 9.0);
    EXPECT_EQ(cornerStep(80.0, 1)->value, 90.0);
    EXPECT_EQ(cornerStep(90.0, 1)->value, 100.0);
    EXPECT_EQ(cornerStep(100.0, 2)->value, 125.0);
    EXPECT_EQ(cornerStep(2000.0, 1)->value, 2240.0);
    EXPECT_EQ(cornerStep(2100.0, -1)->value, 2000.0);
    EXPECT_EQ(cornerStep(20.0, -1)->value, 18.0);
    EXPECT_FALSE(cornerStep(0.0, 1));
    EXPECT_FALSE(preferredStep(-1.0, PreferredSeries::E24, 1));
}

// Source: Steele, Lea, Flood (2014); the first three outputs for seed 0, as their authors' code prints them (from
// memory).
// IEC 60063:2015: the step down crosses the decade, and from between two values it is the lower one.
TEST(Preferred, TheNextSmallerValue)
{
    const auto below = [](double value) { return preferredBelow(value, PreferredSeries::E6)->value; };
    EXPECT_EQ(below(10e-6), 6.8e-6);
    EXPECT_EQ(below(6.8e-6), 4.7e-6);
    EXPECT_EQ(below(6.7999e-6), 4.7e-6);
    EXPECT_EQ(below(6.8001e-6), 6.8e-6);
    EXPECT_EQ(preferredBelow(100.0, PreferredSeries::E24)->value, 91.0);
    EXPECT_FALSE(preferredBelow(0.0, PreferredSeries::E6));
}

TEST(Splitmix, GivesItsPublishedNumbers)
{
    Splitmix random(0);
    EXPECT_EQ(random.next(), 0xE220A8397B1DCDAFULL);
    EXPECT_EQ(random.next(), 0x6E789E6AA1B965F4ULL);
    EXPECT_EQ(random.next(), 0x06C45D188009454FULL);
    Splitmix first(1);
    EXPECT_NEAR(first.uniform(), 0.566562, 5e-7);
    EXPECT_NEAR(first.uniform(), 0.745782, 5e-7);
    EXPECT_NEAR(first.uniform(), 0.971003, 5e-7);
}

// Source: the mean of 1/((1+x)(1+y)) over the square, by a plain sum.
TEST(CornerSpread, MeanIsWhatASumOverTheSquareGives)
{
    double sum = 0.0;
    constexpr int kSteps = 400;
    for (int i = 0; i < kSteps; ++i)
        for (int j = 0; j < kSteps; ++j) {
            const double a = 0.05 * ((2.0 * i + 1.0) / kSteps - 1.0), b = 0.1 * ((2.0 * j + 1.0) / kSteps - 1.0);
            sum += 1.0 / ((1.0 + a) * (1.0 + b));
        }
    EXPECT_NEAR(cornerSpread(0.05, 0.1).mean_ratio, sum / (kSteps * kSteps), 1e-6);
}

TEST(Tolerance, QuantilesLieInsideTheCornersAndNothingMovesWithoutTolerance)
{
    const Network network = tests::referenceNetwork("N3");
    const int node = tests::nodeOf(network, "t");
    const Eigen::Array3d f(100.0, 3150.0, 12000.0);  // where the influence of both parts is monotone
    const std::vector<TolerancedPart> parts{{*findElement(network, "C1"), 0.1}, {*findElement(network, "L1"), 0.05}};
    const auto spread = toleranceSpread(network, node, parts, f, {.seed = 7, .draws = 400});
    ASSERT_TRUE(spread);
    const ToleranceSpread& s = spread->value;
    EXPECT_TRUE((s.low_db >= s.lowest_db - 1e-9).all() && (s.high_db <= s.highest_db + 1e-9).all());
    EXPECT_TRUE((s.low_db <= s.median_db).all() && (s.median_db <= s.high_db).all());
    const auto none = toleranceSpread(network, node, {{0, 0.0}}, f, {.draws = 2});
    EXPECT_TRUE((none->value.lowest_db == none->value.highest_db).all());
    const auto again = toleranceSpread(network, node, parts, f, {.seed = 7, .draws = 400});
    EXPECT_TRUE((again->value.median_db == s.median_db).all());
}

TEST(Tolerance, RefusesTooManyPartsAndTooFewDraws)
{
    const Network network = tests::referenceNetwork("N4");
    const Eigen::ArrayXd f = Eigen::ArrayXd::Constant(1, 1000.0);
    const std::vector<TolerancedPart> many(13, {1, 0.1});
    EXPECT_EQ(toleranceSpread(network, 1, many, f, {}).error().quantity, "parts");
    EXPECT_EQ(toleranceSpread(network, 1, {}, f, {}).error().quantity, "parts");
    EXPECT_EQ(toleranceSpread(network, 1, {{1, 0.1}}, f, {.draws = 1}).error().quantity, "draws");
}

// Energy: the programme heat of all resistors is what the source gives, spectrum and all.
TEST(PartStress, HeatsAddUpToWhatTheSourceGives)
{
    for (const char* name : {"N2", "N3", "N4"}) {
        const Network network = tests::referenceNetwork(name);
        const auto solution = solveNetwork(network, frequencyGrid_hz());
        const Eigen::ArrayXd weight = programmeWeight({}, frequencyGrid_hz());
        const Eigen::ArrayXd share = spectrumWeights(frequencyGrid_hz(), weight);
        const Eigen::ArrayXd ones = Eigen::ArrayXd::Ones(kGridSize);
        double heat = 0.0;
        for (size_t i = 0; i < network.elements.size(); ++i)
            heat += partStress(network, solution->value, i, share, ones).programme_w_v2;
        const Eigen::ArrayXd given = -elementCurrent_a(network, solution->value, 0).real();
        const Eigen::ArrayXd step = (frequencyGrid_hz().tail(480) / frequencyGrid_hz().head(480)).log();
        const Eigen::ArrayXd product = weight * given;
        const double mean = (step * (product.tail(480) + product.head(480))).sum() /
                            (step * (weight.tail(480) + weight.head(480))).sum();
        EXPECT_NEAR(heat / mean, 1.0, 1e-9) << name;
    }
}

}  // namespace
}  // namespace core
