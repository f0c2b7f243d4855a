// Laws of filters that no table prints: ladders realise their prototypes, sampled filters are warped analogue ones.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/equaliser.h"
#include "core/physics/filter.h"
#include "core/physics/ladder.h"
#include "core/physics/leg_sum.h"
#include "core/physics/level.h"
#include "core/physics/network.h"
#include "core/physics/sampled_filter.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;
using Complex = std::complex<double>;

struct Side {
    FilterShape shape{};
    FilterSide side = FilterSide::LowPass;
};
void PrintTo(const Side& s, std::ostream* out)
{
    *out << static_cast<int>(s.shape.family) << " order " << s.shape.order << " side " << static_cast<int>(s.side);
}

std::vector<Side> everySide()
{
    std::vector<Side> sides;
    for (const FilterFamily family : {FilterFamily::Butterworth, FilterFamily::LinkwitzRiley, FilterFamily::Bessel})
        for (int order = 1; order <= 8; ++order)
            for (const FilterSide side : {FilterSide::LowPass, FilterSide::HighPass})
                if (isOffered({family, order})) sides.push_back({{family, order}, side});
    return sides;
}

class EveryFilter : public testing::TestWithParam<Side> {};

// Source: synthesis theory (Zverev 1967): the ladder into its load is the prototype; solved here as a network of parts.
TEST_P(EveryFilter, IsWhatItsLadderDoesIntoItsLoad)
{
    const auto& [shape, side] = GetParam();
    Network network;
    int at = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", at, 0, 1.0});
    for (const LadderPart& part : ladder(shape, side, 1234.0, 4.0)) {
        const int to = part.series ? addNode(network, "n") : 0;
        network.elements.push_back(
            {part.inductor ? NetworkKind::Inductor : NetworkKind::Capacitor, "X", at, to, part.value});
        if (part.series) at = to;
    }
    network.elements.push_back({NetworkKind::Resistor, "Rl", at, 0, 4.0});
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    const auto solution = solveNetwork(network, grid);
    ASSERT_TRUE(solution);
    const Eigen::ArrayXcd ideal = filterResponse(shape, side, 1234.0, grid);
    EXPECT_LT((solution->value.voltage_v.col(at) - ideal).abs().maxCoeff(), 1e-9);
}

// Source: definitions of the families: -3.0103 dB at the corner, Linkwitz-Riley -6.0206 dB.
TEST_P(EveryFilter, HasItsLevelAtTheCorner)
{
    const auto& [shape, side] = GetParam();
    const double level = decibels(std::abs(filterResponse(shape, side, 80.0, Eigen::ArrayXd::Constant(1, 80.0))(0)));
    const double half = 10.0 * std::log10(0.5);
    EXPECT_NEAR(level, shape.family == FilterFamily::LinkwitzRiley ? 2.0 * half : half, 1e-9);
}

// Source: group delay is -d(phase)/dw; here a difference of one part in a million.
TEST_P(EveryFilter, DelaysByTheSlopeOfItsPhase)
{
    const auto& [shape, side] = GetParam();
    for (const double f : {20.0, 75.0, 80.0, 300.0}) {
        const double step = 1e-6 * f;
        const Eigen::ArrayXcd h = filterResponse(shape, side, 80.0, Eigen::Array2d(f - step, f + step));
        const double slope = std::arg(h(1) / h(0)) / (2.0 * std::numbers::pi * 2.0 * step);
        const double delay = filterDelay_s(shape, side, 80.0, Eigen::ArrayXd::Constant(1, f))(0);
        EXPECT_NEAR(-slope / delay, 1.0, 1e-5) << f;
    }
}

// Source: the bilinear transform: digital at f is analogue at f0 tan(pi f/Fs) / tan(pi f0/Fs).
TEST_P(EveryFilter, SampledIsTheAnalogueOneAtAWarpedFrequency)
{
    const auto& [shape, side] = GetParam();
    constexpr double kRate_hz = 48000.0;
    for (const double corner : {80.0, 2500.0, 15000.0}) {
        const Eigen::ArrayXd f = Eigen::ArrayXd::LinSpaced(60, 200.0, 20000.0);
        const Eigen::ArrayXd warped =
            corner * (std::numbers::pi * f / kRate_hz).tan() / std::tan(std::numbers::pi * corner / kRate_hz);
        Eigen::ArrayXcd sampled = Eigen::ArrayXcd::Ones(f.size());
        for (const Biquad& biquad : sampledFilter(shape, side, corner, kRate_hz))
            sampled *= biquadResponse(biquad, kRate_hz, f);
        EXPECT_LT((sampled - filterResponse(shape, side, corner, warped)).abs().maxCoeff(), 1e-8) << corner;
    }
}

// Far beyond the corner 6.02 dB an octave for each order (Bode); at the other end nothing is lost.
TEST_P(EveryFilter, FallsSixDecibelsAnOctaveForEachOrder)
{
    const auto& [shape, side] = GetParam();
    const bool low = side == FilterSide::LowPass;
    const Eigen::Array3d f(low ? 1e4 : 1e-4, low ? 2e4 : 0.5e-4, low ? 1e-4 : 1e4);
    const Eigen::ArrayXd level = 20.0 * filterResponse(shape, side, 1.0, f).abs().log10();
    EXPECT_NEAR(level(0) - level(1), 20.0 * std::log10(2.0) * shape.order, 1e-3);
    EXPECT_NEAR(level(2), 0.0, 1e-6);
}

INSTANTIATE_TEST_SUITE_P(Offered, EveryFilter, testing::ValuesIn(everySide()));

// Source: Linkwitz (1976): even orders add up to an all-pass, with one leg inverted where half the order is odd.
TEST(LinkwitzRiley, LegsAddUpFlat)
{
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    for (const auto& [order, sign] : {std::pair{2, -1.0}, {4, 1.0}, {8, 1.0}}) {
        const FilterShape shape{FilterFamily::LinkwitzRiley, order};
        const Eigen::ArrayXcd sum = filterResponse(shape, FilterSide::LowPass, 700.0, grid) +
                                    sign * filterResponse(shape, FilterSide::HighPass, 700.0, grid);
        EXPECT_LT((sum.abs() - 1.0).abs().maxCoeff(), 1e-12) << order;
    }
}

EqualiserBand randomBand(BandKind kind)
{
    return {kind, between(30.0, 15000.0), between(0.2, 10.0), between(1.0, 49.0) - 25.0};
}

RC_GTEST_PROP(EqualiserProperty, ABoostAndTheSameCutAreNothing, ())
{
    for (const BandKind kind : {BandKind::Peak, BandKind::LowShelf, BandKind::HighShelf}) {
        const EqualiserBand boost = randomBand(kind);
        EqualiserBand cut = boost;
        cut.gain_db = -boost.gain_db;
        const Eigen::ArrayXd grid = frequencyGrid_hz();
        const Eigen::ArrayXcd both = bandResponse(boost, grid) * bandResponse(cut, grid);
        RC_ASSERT((both - 1.0).abs().maxCoeff() < 1e-9);
    }
}

RC_GTEST_PROP(EqualiserProperty, AllPassesKeepTheLevelSampledOrNot, ())
{
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    for (const BandKind kind : {BandKind::AllPass1, BandKind::AllPass2}) {
        const EqualiserBand band = randomBand(kind);
        RC_ASSERT((bandResponse(band, grid).abs() - 1.0).abs().maxCoeff() < 1e-9);
        RC_ASSERT((biquadResponse(bandBiquad(band, 48000.0), 48000.0, grid).abs() - 1.0).abs().maxCoeff() < 1e-9);
    }
}

RC_GTEST_PROP(EqualiserProperty, ShelvesReachTheirGainOnTheirOwnSideOnly, ())
{
    const EqualiserBand low = randomBand(BandKind::LowShelf);
    const Eigen::Array2d ends(low.corner_hz * 1e-5, low.corner_hz * 1e5);
    const Eigen::ArrayXd level = 20.0 * bandResponse(low, ends).abs().log10();
    RC_ASSERT(std::abs(level(0) - low.gain_db) < 1e-3);
    RC_ASSERT(std::abs(level(1)) < 1e-3);
    EqualiserBand high = low;
    high.kind = BandKind::HighShelf;
    const Eigen::ArrayXd mirrored = 20.0 * bandResponse(high, ends).abs().log10();
    RC_ASSERT(std::abs(mirrored(1) - low.gain_db) < 1e-3);
}

// Source: definition of the bandwidth: half the gain in dB at both ends of a band N octaves wide, geometrically even.
RC_GTEST_PROP(EqualiserProperty, ABandIsAsWideAsItsBandwidthSays, ())
{
    const double octaves = between(0.2, 3.0);
    const EqualiserBand band{BandKind::Peak, 1000.0, qOfBandwidth(octaves), 6.0};
    const Eigen::Array2d edges(1000.0 * std::exp2(-octaves / 2.0), 1000.0 * std::exp2(octaves / 2.0));
    const Eigen::ArrayXd level = 20.0 * bandResponse(band, edges).abs().log10();
    RC_ASSERT(std::abs(level(0) - 3.0) < 1e-9 && std::abs(level(1) - 3.0) < 1e-9);
}

RC_GTEST_PROP(LegSumProperty, APathDifferenceTurnsThePhaseAndNothingElse, ())
{
    CrossoverLegs legs{{FilterFamily::LinkwitzRiley, 4}, {FilterFamily::LinkwitzRiley, 4}, 2500.0, 2500.0, 0.0};
    const double f = between(200.0, 20000.0);
    const LegPoint before = legsAt(legs, f);
    legs.pathDifference_m = between(0.001, 1.0);
    const LegPoint after = legsAt(legs, f);
    RC_ASSERT(std::abs(std::abs(after.high) - std::abs(before.high)) < 1e-12);
    const double turned = -360.0 * f * legs.pathDifference_m / 343.21462268256795;
    RC_ASSERT(std::abs(std::remainder(after.difference_deg - before.difference_deg - turned, 360.0)) < 1e-6);
}

TEST(LegSum, KnowsNoRuleForUnlikeLegs)
{
    EXPECT_FALSE(polarityRule({{FilterFamily::Butterworth, 2}, {FilterFamily::Butterworth, 3}, 1000.0, 1000.0, 0.0}));
    EXPECT_FALSE(polarityRule({{FilterFamily::Butterworth, 2}, {FilterFamily::Butterworth, 2}, 1000.0, 1100.0, 0.0}));
    EXPECT_FALSE(polarityRule({{FilterFamily::Butterworth, 2}, {FilterFamily::Butterworth, 2}, 1000.0, 1000.0, 0.1}));
}

}  // namespace
}  // namespace core
