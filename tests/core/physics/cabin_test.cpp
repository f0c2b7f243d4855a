// Ways of sound against plain geometry and definitions: mirrors and screens by brute force, phase from magnitude, sums.
#include <gtest/gtest.h>

#include <rapidcheck/gtest.h>
#include <array>

#include <cmath>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"
#include "core/physics/bands.h"
#include "core/physics/cabin.h"
#include "core/physics/clean_voltage.h"
#include "core/physics/ear_path.h"
#include "core/physics/filter.h"
#include "core/physics/interaural.h"
#include "core/physics/level.h"
#include "core/physics/loudness.h"
#include "core/physics/measured_source.h"
#include "core/physics/minimum_phase.h"
#include "core/physics/obstruction.h"
#include "core/physics/panel.h"
#include "core/physics/path.h"
#include "core/physics/smoothing.h"
#include "core/physics/stereo.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using std::numbers::pi;
using tests::between;

// Fermat: of all ways over a point of the mirror, the reflected one is the shortest. Found here by trying the points.
TEST(Panel, TheMirroredWayIsTheShortestOverThePanel)
{
    const FlatPanel glass{{-0.5, 0.7, 0.9}, {0.0, -1.4, 0.0}, {-0.5, 0.0, 0.6}, false};
    const Vec3 source{-0.9, 0.4, 0.9}, ear{-1.4, 0.3, 1.2};
    const std::array panels{glass};
    const auto way = mirrorWay(source, {0.0, -1.0, 0.0}, ear, 0, panels);
    ASSERT_TRUE(way);
    double shortest = 1e9;
    constexpr int kSteps = 1500;
    for (int i = 0; i <= kSteps; ++i)
        for (int j = 0; j <= kSteps; ++j) {
            const Vec3 at = glass.corner_m + (1.0 * i / kSteps) * glass.along_m + (1.0 * j / kSteps) * glass.across_m;
            shortest = std::min(shortest, distance(source, at) + distance(at, ear));
        }
    EXPECT_NEAR(way->distance_m, shortest, 1e-5);
}

TEST(Panel, AMirrorIsAbsentBehindBesideAndBlocked)
{
    const FlatPanel wall{{0.0, -1.0, 0.0}, {0.0, 2.0, 0.0}, {0.0, 0.0, 2.0}, false};
    const Vec3 axis{1.0, 0.0, 0.0}, source{-1.0, 0.5, 1.0};
    const auto way = [&](const Vec3& ear, const std::vector<FlatPanel>& panels) {
        return mirrorWay(source, axis, ear, 0, panels).has_value();
    };
    EXPECT_TRUE(way({-1.0, -0.5, 1.0}, {wall}));
    EXPECT_FALSE(way({1.0, -0.5, 1.0}, {wall}));   // on the other side
    EXPECT_FALSE(way({-1.0, -8.0, 1.0}, {wall}));  // beside the panel
    const FlatPanel board{{-0.5, 0.1, 0.0}, {0.0, 0.4, 0.0}, {0.0, 0.0, 2.0}, true};
    EXPECT_FALSE(way({-1.0, -0.5, 1.0}, {wall, board}));  // a leg is not free
    FlatPanel glass = board;
    glass.blocks = false;
    EXPECT_TRUE(way({-1.0, -0.5, 1.0}, {wall, glass}));
}

TEST(Panel, TheDetourIsTheShortestWayOverAnEdge)
{
    const FlatPanel seat{{-1.0, 0.1, 0.4}, {0.0, 0.5, 0.0}, {0.2, 0.0, 0.8}, true};
    const Vec3 source{-2.5, 0.3, 0.7}, ear{-0.3, 0.35, 1.0};
    const auto way = detour(seat, source, ear);
    ASSERT_TRUE(way);
    EXPECT_TRUE(way->blocked);
    double shortest = 1e9;
    for (int i = 0; i <= 100000; ++i) {
        const double t = i / 100000.0;
        for (const Vec3& at :
             {seat.corner_m + t * seat.along_m, seat.corner_m + t * seat.across_m,
              seat.corner_m + seat.across_m + t * seat.along_m, seat.corner_m + seat.along_m + t * seat.across_m})
            shortest = std::min(shortest, distance(source, at) + distance(at, ear));
    }
    EXPECT_NEAR(way->longer_m, shortest - distance(source, ear), 1e-8);
    EXPECT_FALSE(detour(seat, source, {-2.0, 0.3, 1.0}));           // both behind it
    EXPECT_FALSE(detour(seat, source, {-0.3, 4.0, 1.0})->blocked);  // beside it
}

RC_GTEST_PROP(PanelProperty, AnImageIsAsFarBehindAndTwiceIsTheSame, ())
{
    const auto any = [] { return Vec3{between(0.1, 4.0) - 2.0, between(0.1, 4.0) - 2.0, between(0.1, 4.0) - 2.0}; };
    const Vec3 point = any(), on = any(), direction = any();
    const Vec3 normal = (1.0 / length(direction)) * direction;
    const Vec3 image = imageOf(point, on, normal);
    RC_ASSERT(std::abs(dot(image - on, normal) + dot(point - on, normal)) < 1e-9);
    RC_ASSERT(distance(imageOf(image, on, normal), point) < 1e-9);
}

// Source: ISO 9613-2 and Maekawa: more detour never means less loss, never above 24 dB; a clear line at N <= -0.1 none.
RC_GTEST_PROP(ScreenProperty, LossGrowsWithTheDetourUpToItsMost, ())
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const double longer = between(1e-4, 1.0), side = between(0.05, 2.0);
    const Eigen::ArrayXd less = screenLoss_db({longer, true, side}, f),
                         more = screenLoss_db({2.0 * longer, true, side}, f);
    RC_ASSERT((more >= less).all() && more.maxCoeff() <= 24.0 && less.minCoeff() >= 0.0);
    const Eigen::ArrayXd clear = screenLoss_db({longer, false, 0.0}, f);
    RC_ASSERT((f * (2.0 * longer / kSoundSpeed_m_s) < 0.1 || clear == 0.0).all());
}

// On the grid the phase is stepped by decades; elsewhere it is worked out point by point.
TEST(EarPath, SteppedAndDirectPhasesAgree)
{
    const std::optional<CabinGain> cabin = CabinGain{70.0, 25.0};
    const SoundField stepped = gridField(cabin), direct = soundField(frequencyGrid_hz(), cabin);
    const Eigen::ArrayXd open = Eigen::ArrayXd::Ones(kGridSize);
    for (const double distance_m : {0.05, 0.7, 2.3, 9.0}) {
        Eigen::ArrayXcd a = Eigen::ArrayXcd::Zero(kGridSize), b = a;
        addArrival(a, stepped, 0.06, {distance_m, 0.8}, open);
        addArrival(b, direct, 0.06, {distance_m, 0.8}, open);
        EXPECT_LT((a - b).abs().maxCoeff() / b.abs().maxCoeff(), 1e-11) << distance_m;
    }
}

// Source: definitions. In the pressure zone distance does not count; far above it pressure halves with it.
TEST(EarPath, DistanceFadesInThePressureZone)
{
    const SoundField field = soundField(Eigen::ArrayXd{{1.0, 1e5}}, CabinGain{70.0, 25.0});
    const Eigen::ArrayXd open = Eigen::ArrayXd::Ones(2);
    const auto level = [&](double distance_m) {
        Eigen::ArrayXcd sum = Eigen::ArrayXcd::Zero(2);
        addArrival(sum, field, 1e-9, {distance_m, 0.0}, open);
        return sum.abs().eval();
    };
    EXPECT_NEAR(level(2.0)(0) / level(1.0)(0), 1.0, 1e-3);
    EXPECT_NEAR(level(2.0)(1) / level(1.0)(1), 0.5, 1e-6);
}

RC_GTEST_PROP(EarPathProperty, LevelFallsWithDistanceInFreeField, ())
{
    const SoundField field = gridField({});
    const Eigen::ArrayXd open = Eigen::ArrayXd::Ones(kGridSize);
    const double near_m = between(0.06, 4.0), radius = between(0.005, 0.1);
    Eigen::ArrayXcd nearer = Eigen::ArrayXcd::Zero(kGridSize), farther = nearer;
    addArrival(nearer, field, radius, {near_m, 0.3}, open);
    addArrival(farther, field, radius, {1.1 * near_m, 0.3}, open);
    RC_ASSERT((farther.abs() <= nearer.abs()).all());
}

// Energy: the fade from coherent to random never gives more than both in phase nor, on average over phases, anything
// but the two powers.
RC_GTEST_PROP(StereoProperty, TheFadeKeepsTheEnergy, ())
{
    const Eigen::ArrayXd f = frequencyGrid_hz(), random = randomShare(f, {});
    const double a = between(0.01, 10.0), b = between(0.01, 10.0);
    Eigen::ArrayXd mean = Eigen::ArrayXd::Zero(kGridSize);
    constexpr int kPhases = 16;
    for (int k = 0; k < kPhases; ++k) {
        const Eigen::ArrayXcd left = Eigen::ArrayXcd::Constant(kGridSize, a);
        const Eigen::ArrayXcd right = Eigen::ArrayXcd::Constant(kGridSize, std::polar(b, 2.0 * pi * k / kPhases));
        const Eigen::ArrayXd both = leftAndRight_pa2(left, right, random);
        RC_ASSERT((both <= (a + b) * (a + b) * (1.0 + 1e-9)).all() &&
                  (both >= (a - b) * (a - b) * (1.0 - 1e-9) - 1e-12).all());
        mean += both / kPhases;
    }
    RC_ASSERT(((mean / (a * a + b * b) - 1.0).abs() < 1e-9).all());
    RC_ASSERT((random >= 0.0 && random <= 1.0).all() &&
              (random.tail(kGridSize - 1) >= random.head(kGridSize - 1)).all());
}

// Source: Bode (1945): low-pass and high-pass of Butterworth type are minimum-phase, so their own phase is known.
TEST(MinimumPhase, IsTheFiltersOwnPhase)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    for (const FilterSide side : {FilterSide::LowPass, FilterSide::HighPass}) {
        const Eigen::ArrayXcd filter = filterResponse({FilterFamily::Butterworth, 2}, side, 700.0, f);
        const Eigen::ArrayXd phase = minimumPhase_deg(f, 20.0 * filter.abs().log10());
        for (Eigen::Index i = 0; i < f.size(); ++i)
            ASSERT_NEAR(std::remainder(phase(i) - degreesOf(filter(i)), 360.0), 0.0, 0.2) << f(i);
    }
    // a steady slope of n times 6 dB an octave turns by n times 90 degrees
    const Eigen::ArrayXd slope = 20.0 * f.log10();
    EXPECT_NEAR(minimumPhase_deg(f, slope)(240), 90.0, 1e-6);
    EXPECT_NEAR(minimumPhase_deg(f, -2.0 * slope)(100), -180.0, 1e-6);
}

// One steep, narrow rise: its phase at its foot is the slope times the integral of ln coth(u/2), here by Simpson's rule
// in t = u^2, which takes the infinity at 0 away.
TEST(MinimumPhase, OfANarrowRiseIsItsIntegral)
{
    constexpr double kWide = 0.08, kSlope = 100.0;
    const Eigen::ArrayXd u = (Eigen::ArrayXd(4) << -1.0, 0.0, kWide, 1.0).finished();
    const Eigen::ArrayXd level_db =
        (20.0 / std::numbers::ln10) * kSlope * (Eigen::ArrayXd(4) << 0.0, 0.0, kWide, kWide).finished();
    double integral = 0.0;
    constexpr int kSteps = 20000;
    const double root = std::sqrt(kWide);
    for (int i = 0; i <= kSteps; ++i) {
        const double v = root * i / kSteps;  // u = v^2, du = 2 v dv; the integrand is 0 at 0
        const double y = i == 0 ? 0.0 : 2.0 * v * std::log(1.0 / std::tanh(0.5 * v * v));
        integral += (i == 0 || i == kSteps ? 1.0 : i % 2 ? 4.0 : 2.0) * y * root / (3.0 * kSteps);
    }
    const double expected_deg = kSlope * integral / std::numbers::pi * 180.0 / std::numbers::pi;
    EXPECT_NEAR(minimumPhase_deg(u.exp() * 1000.0, level_db)(1), expected_deg, 1e-3);
}

MeasuredResponse measuredAs(const Eigen::ArrayXcd& pressure_pa, const Eigen::ArrayXd& f)
{
    MeasuredResponse measured;
    measured.curve = {f, 20.0 * (pressure_pa.abs() / kReferencePressure_pa).log10(),
                      pressure_pa.unaryExpr([](const auto& p) { return degreesOf(p); }), true};
    return measured;
}

TEST(MeasuredSource, AMeasurementOfTheModelChangesNothing)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const Eigen::ArrayXcd model = filterResponse({FilterFamily::Butterworth, 2}, FilterSide::HighPass, 80.0, f);
    const Eigen::ArrayXcd back = measuredPressure_pa_v(measuredAs(model, f), f);
    EXPECT_LT((back - model).abs().maxCoeff(), 1e-9);
    const BlendedSource blend = blended(model, back, 20.0, 20000.0, f);
    EXPECT_LT((blend.pressure_pa_v - model).abs().maxCoeff(), 1e-9);
    EXPECT_NEAR(blend.step_db, 0.0, 1e-9);
}

TEST(MeasuredSource, TakesOverBetweenTheJointAndAnOctaveAbove)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const Eigen::ArrayXcd model = Eigen::ArrayXcd::Ones(kGridSize), louder = 2.0 * model;
    const BlendedSource blend = blended(model, louder, 100.0, 20000.0, f);
    for (Eigen::Index i = 0; i < f.size(); ++i) {
        const double share = std::clamp(std::log2(f(i) / 300.0), 0.0, 1.0);
        ASSERT_NEAR(std::abs(blend.pressure_pa_v(i)), std::pow(2.0, share), 1e-9) << f(i);
    }
    EXPECT_NEAR(blend.step_db, 20.0 * std::log10(2.0), 1e-9);
    // one whose whole range lies under the joint is not taken
    EXPECT_LT((blended(model, louder, 20.0, 200.0, f).pressure_pa_v - model).abs().maxCoeff(), 1e-12);
}

TEST(MeasuredSource, TheFlightInItsPhaseIsTakenOut)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    MeasuredResponse measured = measuredAs(directPath(0.5, f), f);
    measured.distance_m = 0.5;
    measured.flightInPhase = true;
    EXPECT_LT((measuredPressure_pa_v(measured, f) - 1.0).abs().maxCoeff(), 1e-9);
}

TEST(Smoothing, LeavesAFlatCurveAndKeepsTheMeanPower)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    EXPECT_LT((smoothed_db(f, Eigen::ArrayXd::Constant(kGridSize, 83.0), 3.0, f) - 83.0).abs().maxCoeff(), 1e-9);
    // source: closed form; power that rises as f^2 has a mean of (r - 1/r) / (2 ln r) over f/sqrt(r)..f sqrt(r), r =
    // 2^2
    const Eigen::ArrayXd rising = 20.0 * f.log10();
    const double mean = (2.0 - 0.5) / (2.0 * std::numbers::ln2);
    const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, 1000.0);
    EXPECT_NEAR(smoothed_db(f, rising, 1.0, at)(0) - 60.0, 10.0 * std::log10(mean), 1e-3);
}

TEST(Bands, WeightsAddUpAndGiveTheMeanOfALine)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const Eigen::ArrayXd weights = bandWeights(f, 250.0, 4000.0);
    EXPECT_NEAR(weights.sum(), 1.0, 1e-12);
    EXPECT_NEAR((weights * f.log()).sum(), std::log(1000.0), 1e-6);  // the geometric middle
    EXPECT_NEAR(spectrumWeights(f, f.inverse()).sum(), 1.0, 1e-12);
}

TEST(CleanVoltage, TheLowestLimitRulesEachFrequency)
{
    CleanVoltage clean = unlimited(3);
    limitBy(clean, Eigen::Array3d{5.0, 5.0, 5.0}, Limit::Source);
    limitBy(clean, Eigen::Array3d{2.0, 9.0, 5.0}, Limit::Travel);
    limitBy(clean, Eigen::Array3d{4.0, 4.0, 6.0}, Limit::Heat);
    EXPECT_TRUE((clean.most_v == Eigen::Array3d{2.0, 4.0, 5.0}).all());
    EXPECT_EQ(clean.limit, (std::vector{Limit::Travel, Limit::Heat, Limit::Source}));
}

// Source: ISO 226:2003 defines the phon at 1 kHz; its table says 40.01 dB there for 40 phon (from memory).
TEST(Loudness, EqualLoudnessRisesWithPhonAndStopsAtTheStandardsEnds)
{
    const Eigen::ArrayXd f = frequencyGrid_hz();
    const auto quieter = equalLoudness_db(40.0, f), louder = equalLoudness_db(80.0, f);
    ASSERT_TRUE(quieter && louder);
    EXPECT_TRUE((*louder > *quieter).all());
    EXPECT_FALSE(equalLoudness_db(19.9, f));
    EXPECT_FALSE(equalLoudness_db(90.1, f));
    EXPECT_NEAR((*quieter)(kGridSize - 1), 51.49, 0.005);  // 12.5 kHz is held
}

RC_GTEST_PROP(ImageProperty, ChangingSidesTurnsTheImageOver, ())
{
    const double later = between(1e-5, 3e-3), louder = between(0.1, 30.0);
    RC_ASSERT(std::abs(imageShift(later, louder, {}) + imageShift(-later, -louder, {})) < 1e-12);
    RC_ASSERT(std::abs(imageShift(later, louder, {})) <= 1.0);
}

RC_GTEST_PROP(CabinProperty, GainIsOneFarAboveAndItsPlateauFarBelow, ())
{
    const double zone = between(40.0, 200.0), leak = between(10.0, 0.9 * zone);
    const Eigen::ArrayXd ends{{zone * 1e-5, zone * 1e5}};
    const Eigen::ArrayXd gain = cabinGainResponse({zone, leak}, ends).abs();
    RC_ASSERT(std::abs(gain(0) * leak * leak / (zone * zone) - 1.0) < 1e-3);
    RC_ASSERT(std::abs(gain(1) - 1.0) < 1e-3);
}

// Source: ISO 226:2003: a contour's level is as loud as its phon; S. S. Stevens (1955): 10 phon more is twice as loud.
TEST(Loudness, IsTheInverseOfTheContours)
{
    // At the standard's frequencies, between them and beyond its ends.
    for (const double phon : {20.0, 25.0, 40.0, 60.0, 85.0, 90.0})
        for (const double f : {15.0, 20.0, 50.0, 57.0, 100.0, 901.0, 1000.0, 3500.0, 4000.0, 12500.0, 18000.0}) {
            const double level_db = (*equalLoudness_db(phon, Eigen::ArrayXd::Constant(1, f)))(0);
            EXPECT_NEAR(*loudness_phon(f, level_db), phon, 1e-6) << f;
        }
    for (const double f : {20.0, 57.0, 4000.0, 18000.0})  // a tenth of a decibel beyond either end it says nothing
        for (const auto& [phon, beyond_db] : {std::pair{20.0, -0.1}, std::pair{90.0, 0.1}})
            EXPECT_FALSE(loudness_phon(f, (*equalLoudness_db(phon, Eigen::ArrayXd::Constant(1, f)))(0) + beyond_db));
    EXPECT_NEAR(*loudnessRatio(1000.0, 60.0, 70.0), 2.0, 0.01);
    EXPECT_FALSE(loudness_phon(1000.0, 120.0));
}

// Source: ISO 226:2003, the contour of 40 phon, its values from memory; all 29 frequencies of the standard.
TEST(Loudness, TheContourOfFortyPhonIsTheStandards)
{
    const std::array<std::pair<double, double>, 29> contour{
        {{20, 99.85},   {25, 93.94},   {31.5, 88.17}, {40, 82.63},    {50, 77.78},   {63, 73.08},
         {80, 68.48},   {100, 64.37},  {125, 60.59},  {160, 56.70},   {200, 53.41},  {250, 50.40},
         {315, 47.58},  {400, 44.98},  {500, 43.05},  {630, 41.34},   {800, 40.06},  {1000, 40.01},
         {1250, 41.82}, {1600, 42.51}, {2000, 39.23}, {2500, 36.51},  {3150, 35.61}, {4000, 36.65},
         {5000, 40.01}, {6300, 45.83}, {8000, 51.80}, {10000, 54.28}, {12500, 51.49}}};
    for (const auto& [f, level_db] : contour)
        EXPECT_NEAR((*equalLoudness_db(40.0, Eigen::ArrayXd::Constant(1, f)))(0), level_db, 0.006) << f << " Hz";
}

// Common practice, no source: three decibels are about 1.4 times the loudness at 50 Hz, 1.2 at 1 kHz.
TEST(Loudness, ThreeDecibelsAreMoreInTheBass)
{
    EXPECT_NEAR(*loudnessRatio(50.0, 95.0, 98.0), 1.4, 0.06);
    EXPECT_NEAR(*loudnessRatio(1000.0, 70.0, 73.0), 1.2, 0.05);
}

}  // namespace
}  // namespace core
