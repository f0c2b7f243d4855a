// Where one driver takes over from another, and how both sound together.
// Source: S. Linkwitz, "Active crossover networks for noncoincident drivers", J. Audio Eng. Soc. 24 (1976); R. H.
// Small, "Constant-voltage crossover network design", J. Audio Eng. Soc. 19 (1971): sums of like legs of coincident
// sources.
#include "core/evaluate/split_sum.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/base/grid.h"
#include "core/edits/survey_edits.h"
#include "core/edits/turn_edits.h"
#include "core/physics/filter.h"
#include "tests/core/demo_plan.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

Ears<Eigen::ArrayXcd> leg(const FilterShape& shape, FilterSide side, double corner_hz, double gain = 1.0)
{
    const Eigen::ArrayXcd one = gain * filterResponse(shape, side, corner_hz, frequencyGrid_hz());
    return {one, one};
}
SplitSum sumOf(const FilterShape& shape, double corner_hz = 2000.0)
{
    return splitSumOf(leg(shape, FilterSide::LowPass, corner_hz), leg(shape, FilterSide::HighPass, corner_hz));
}

struct Alignment {
    FilterShape shape{};
    double phase_deg = 0.0;  // of the higher leg against the lower one at the corner
    bool wiredFlat = false, turnedFlat = false;
};
void PrintTo(const Alignment& one, std::ostream* out)
{
    *out << (one.shape.family == FilterFamily::LinkwitzRiley ? "LR" : "B") << one.shape.order;
}

class Alignments : public testing::TestWithParam<Alignment> {};

TEST_P(Alignments, SumAsTheyAreSaidTo)
{
    constexpr double kEdge_db = 0.1;  // a third of an octave smooths the corner
    const SplitSum sum = sumOf(GetParam().shape);
    ASSERT_TRUE(sum.at_hz);
    EXPECT_NEAR(*sum.at_hz, 2000.0, 5.0);
    EXPECT_EQ(sum.crossings, 1);
    EXPECT_TRUE(sum.clear());
    EXPECT_NEAR(std::remainder(sum.phase_deg - GetParam().phase_deg, 360.0), 0.0, 1.5);
    for (const auto& [together, flat] :
         {std::pair{&sum.wired, GetParam().wiredFlat}, {&sum.turned, GetParam().turnedFlat}}) {
        if (flat)
            EXPECT_LT(together->even_db, kEdge_db);
        else
            EXPECT_GT(together->even_db, 1.5);
    }
}

INSTANTIATE_TEST_SUITE_P(Published, Alignments,
                         testing::Values(Alignment{{FilterFamily::Butterworth, 1}, 90.0, true, true},
                                         Alignment{{FilterFamily::Butterworth, 3}, -90.0, true, true},
                                         Alignment{{FilterFamily::LinkwitzRiley, 2}, 180.0, false, true},
                                         Alignment{{FilterFamily::LinkwitzRiley, 4}, 0.0, true, false},
                                         Alignment{{FilterFamily::Butterworth, 2}, 180.0, false, false}));

// An exact null is smoothed over a third of an octave: LR4 turned over is the notch (1 - x^2)^2 / (1 + x^2)^2 ... its
// depth there by the mean of the square over the band.
TEST(SplitSum, AHoleIsAsDeepAsItsThirdOctave)
{
    const SplitSum sum = sumOf({FilterFamily::LinkwitzRiley, 4});
    // |H|^2 of B2^2 - B2^2: ((x^4 - 1) / (x^4 + 1))^2, mean over ln x from -ln2/6 to ln2/6 by Simpson's rule.
    const auto square = [](double u) {
        const double x4 = std::exp(4.0 * u);
        return std::pow((x4 - 1.0) / (x4 + 1.0), 2.0);
    };
    const double edge = std::log(2.0) / 6.0;
    constexpr int kSteps = 200;
    double mean = 0.0;
    for (int i = 0; i <= kSteps; ++i)
        mean += (i == 0 || i == kSteps ? 1.0 : i % 2 ? 4.0 : 2.0) * square(-edge + 2.0 * edge * i / kSteps);
    mean /= 3.0 * kSteps;
    // The line it is measured from: the mean level of the octaves outside, which are a little under 0 dB themselves.
    double line_db = 0.0;
    for (int i = 0; i < kSteps; ++i)
        line_db += 10.0 * std::log10(square(-std::log(2.0) * (1.0 + (i + 0.5) / kSteps))) / kSteps;
    EXPECT_NEAR(sum.turned.hole_db, line_db - 10.0 * std::log10(mean), 0.05);
    EXPECT_NEAR(sum.turned.holeAt_hz, 2000.0, 20.0);
    EXPECT_LT(sum.wired.hole_db, 0.1);
}

// A tweeter that is 6 dB louder takes over lower: of LR4 legs where x^4 = 1/2.
TEST(SplitSum, ALouderTweeterTakesOverLower)
{
    const FilterShape shape{FilterFamily::LinkwitzRiley, 4};
    const SplitSum sum =
        splitSumOf(leg(shape, FilterSide::LowPass, 2000.0), leg(shape, FilterSide::HighPass, 2000.0, 2.0));
    ASSERT_TRUE(sum.at_hz);
    EXPECT_NEAR(*sum.at_hz, 2000.0 * std::pow(0.5, 0.25), 10.0);
}

TEST(SplitSum, NoClearSplitIsSaid)
{
    // Both play everything alike: they never hand over.
    const Ears<Eigen::ArrayXcd> flat{Eigen::ArrayXcd::Ones(kGridSize), Eigen::ArrayXcd::Ones(kGridSize)};
    const SplitSum alike = splitSumOf(flat, flat);
    EXPECT_FALSE(alike.clear());
    // A woofer without a filter beside a first-order tweeter 1 dB louder: they run side by side from the corner up.
    const SplitSum beside = splitSumOf(flat, leg({FilterFamily::Butterworth, 1}, FilterSide::HighPass, 2000.0, 1.12));
    ASSERT_TRUE(beside.at_hz);
    EXPECT_GT(beside.sideBySide_octave, 1.0);
    EXPECT_FALSE(beside.clear());
}

TEST(SplitPairs, AreOfOneSideAndNearEachOther)
{
    auto document = readPlanText(std::string(shippedDemoText()), "demo.reed");
    ASSERT_TRUE(document);
    const Evaluation evaluation = tests::evaluated(document->plan);
    const StageResult& stage = *evaluation.stages.at(kFound);
    const auto pairs = splitPairs(stage, evaluation.practice);
    ASSERT_FALSE(pairs.empty());
    for (const SplitPair& pair : pairs) {
        const RunResult &low = stage.runs[pair.low], &high = stage.runs[pair.high];
        EXPECT_GE(low.driver.sd_m2, 1.5 * high.driver.sd_m2);
        EXPECT_GT(stage.ways[pair.low].source.at_m.y * stage.ways[pair.high].source.at_m.y, 0.0);
    }
    // Each side has the same ones.
    EXPECT_EQ(pairs.size() % 2, 0U);
}

// A tweeter in the sail takes over from the door before it, not from a smaller cone a row behind on the same pair, though
// that is within reach, too; on another channel neither.
TEST(SplitPairs, ARowGoesTogether)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail", "rear door"});
    const DeviceId door = tests::driverAt(plan, "left front door"), sail = tests::driverAt(plan, "left sail"),
                   rear = tests::driverAt(plan, "left rear door");
    const auto channelOf = [&](DeviceId device) {
        return findRunOfDevice(tests::goalOf(tests::evaluated(plan), plan), device)->run.id.channel;
    };
    const Port front = channelOf(door), back = channelOf(rear);
    ASSERT_NE(front, back);
    for (const Port& fed : {front, back}) {  // the sail and the rear door on one pair, with the door and without it
        const Plan one = tests::after(plan, connectSpeaker(plan, kFactory, rear, fed));
        Plan both = tests::after(one, connectSpeaker(one, kFactory, sail, fed));
        Part small = partOf(resolve(both, kFound), rear);
        small.driverClass = "wideBand100";
        small.figures[Quantity::Sd_m2] = Known{0.0055};
        both = tests::after(both, changePart(both, kFactory, rear, small));
        const Evaluation evaluation = tests::evaluated(both);
        const StageResult& stage = tests::goalOf(evaluation, both);
        const RunResult &behind = *findRunOfDevice(stage, rear), &before = *findRunOfDevice(stage, door);
        ASSERT_LT(behind.driver.sd_m2, before.driver.sd_m2);
        const SplitPair pair = *splitPairOf(stage, sail, evaluation.practice);
        EXPECT_EQ(stage.runs[pair.low].run.id.coil.device, door);
    }
}

// Turned over, who was better off as wired is better off turned back, seat by seat.
TEST(SplitPairs, EachSeatHasItsOwnWayRound)
{
    auto document = readPlanText(std::string(shippedDemoText()), "demo.reed");
    const Plan& plan = document->plan;
    const auto seatsWith = [](const Plan& one) {
        const Evaluation evaluation = tests::evaluated(one);
        const StageResult& stage = *evaluation.stages.at(one.job.goal);
        const SplitPair pair = *splitPairOf(stage, DeviceId{37}, evaluation.practice);
        const SeatsOfSplit seats = seatsOf(stage, pair);
        EXPECT_EQ(seats.wired.size() + seats.turned.size(), one.listeners.size());
        for (const ListenerId seat : seats.turned) {
            const SplitSum sum = *splitSum(stage, pair, seat);
            EXPECT_LT(sum.turned.even_db, sum.wired.even_db);
        }
        return seats;
    };
    const SeatsOfSplit before = seatsWith(plan);
    const Plan turned = apply(plan, planTurnOver(plan, std::vector{DeviceId{37}, DeviceId{40}})).plan;
    const SeatsOfSplit after = seatsWith(turned);
    EXPECT_EQ(after.wired, before.turned);
    EXPECT_EQ(after.turned, before.wired);
}

}  // namespace
}  // namespace core
