// Mechanical fit against closed forms and brute force. Source: geometry; the printed values are in
// tests/reference/calc_fit.csv.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

#include "core/physics/mounting_depth.h"
#include "core/physics/screw_pattern.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

constexpr double kDegree = std::numbers::pi / 180.0;

struct Brute {
    int matched = 0;
    double worst_m = 0.0;
};

// Every assignment of driver holes to vehicle holes at one turn, by permutation: most pairs, then the least worst.
Brute everyAssignment(const ScrewPattern& driver, const ScrewPattern& vehicle, double turn_rad, double tolerance_m)
{
    std::vector<size_t> order(std::max(driver.holes.size(), vehicle.holes.size()));
    for (size_t i = 0; i < order.size(); ++i) order[i] = i;
    Brute best;
    do {
        Brute one;
        for (size_t i = 0; i < driver.holes.size(); ++i) {
            if (order[i] >= vehicle.holes.size()) continue;
            const ScrewHole& hole = driver.holes[i];
            const double u = hole.u_m * std::cos(turn_rad) - hole.v_m * std::sin(turn_rad);
            const double v = hole.u_m * std::sin(turn_rad) + hole.v_m * std::cos(turn_rad);
            const double off = std::hypot(u - vehicle.holes[order[i]].u_m, v - vehicle.holes[order[i]].v_m);
            if (off > tolerance_m) continue;
            ++one.matched;
            one.worst_m = std::max(one.worst_m, off);
        }
        if (one.matched > best.matched || (one.matched == best.matched && one.worst_m < best.worst_m)) best = one;
    } while (std::next_permutation(order.begin(), order.end()));
    return best;
}

// Half-degree steps, then finer and finer round the best of them.
Brute everyTurn(const ScrewPattern& driver, const ScrewPattern& vehicle, double tolerance_m)
{
    Brute best;
    double at = 0.0;
    const auto look = [&](double turn) {
        const Brute one = everyAssignment(driver, vehicle, turn, tolerance_m);
        if (one.matched < best.matched || (one.matched == best.matched && one.worst_m >= best.worst_m)) return;
        best = one;
        at = turn;
    };
    best.worst_m = 1e9;
    for (int step = 0; step < 720; ++step) look(0.5 * step * kDegree);
    for (double width = 0.5 * kDegree; width > 1e-9; width *= 0.5)
        for (const double side : {-1.0, -0.5, 0.5, 1.0}) look(at + side * width);
    return best;
}

ScrewPattern randomPattern(std::mt19937& random, int holes, double radius_m)
{
    std::uniform_real_distribution<double> turn(0.0, 2.0 * std::numbers::pi), off(-0.002, 0.002);
    ScrewPattern pattern;
    for (int i = 0; i < holes; ++i) {
        const double angle = turn(random), r = radius_m + off(random);
        pattern.holes.push_back({r * std::cos(angle), r * std::sin(angle)});
    }
    return pattern;
}

RC_GTEST_PROP(ScrewPatterns, MeetAsWellAsBruteForceFinds, ())
{
    std::mt19937 random(static_cast<unsigned>(*rc::gen::inRange(0, 1'000'000)));
    const ScrewPattern driver = randomPattern(random, *rc::gen::inRange(3, 6), 0.06);
    const ScrewPattern vehicle = randomPattern(random, *rc::gen::inRange(3, 6), 0.06);
    const double tolerance_m = *rc::gen::inRange(1, 6) * 1e-3;
    const PatternMatch match = matchPatterns(driver, vehicle, tolerance_m);
    const Brute brute = everyTurn(driver, vehicle, tolerance_m);
    RC_ASSERT(match.matched >= brute.matched);  // a window narrower than the steps is found by the exact way only
    if (match.matched == brute.matched) RC_ASSERT(match.worst_m <= brute.worst_m + 1e-7);
    const Brute there = everyAssignment(driver, vehicle, match.turn_rad, tolerance_m + 2e-9);
    RC_ASSERT(there.matched == match.matched);
    RC_ASSERT(std::abs(there.worst_m - match.worst_m) < 1e-9);
}

RC_GTEST_PROP(ScrewPatterns, MirroredTogetherTurnTheOtherWay, ())
{
    std::mt19937 random(static_cast<unsigned>(*rc::gen::inRange(0, 1'000'000)));
    const ScrewPattern driver = randomPattern(random, 4, 0.07), vehicle = randomPattern(random, 4, 0.07);
    const PatternMatch here = matchPatterns(driver, vehicle, 0.003);
    const PatternMatch there = matchPatterns(mirrored(driver), mirrored(vehicle), 0.003);
    RC_ASSERT(here.matched == there.matched);
    RC_ASSERT(std::abs(here.worst_m - there.worst_m) < 1e-9);
    const Brute back = everyAssignment(mirrored(driver), mirrored(vehicle), -here.turn_rad, 0.003 + 2e-9);
    RC_ASSERT(back.matched == here.matched);
}

TEST(ScrewPatterns, ASquareMeetsItselfAtEveryQuarterAndTakesTheSmallestTurn)
{
    const ScrewPattern square = circlePattern(4, 0.156, 45.0 * kDegree);
    const PatternMatch match = matchPatterns(square, square, 0.0015);
    EXPECT_EQ(match.matched, 4);
    EXPECT_NEAR(match.turn_rad, 0.0, 1e-9);
    EXPECT_NEAR(match.worst_m, 0.0, 1e-12);
    EXPECT_EQ(match.alsoGood_rad.size(), 4U);
}

TEST(ScrewPatterns, ASlotTakesUpWhatIsOffAlongIt)
{
    ScrewPattern driver = circlePattern(4, 0.150);
    const ScrewPattern vehicle{{{0.075, 0.0}, {0.0, 0.075}, {-0.075, 0.0}, {0.004, -0.0749}}, 0.0};
    EXPECT_EQ(matchPatterns(driver, vehicle, 0.0015).matched, 3);
    driver.slot_m = 0.003;
    const PatternMatch match = matchPatterns(driver, vehicle, 0.0015);
    EXPECT_EQ(match.matched, 4);
    EXPECT_LE(match.worst_m, 0.0015);
}

TEST(ScrewPatterns, TooFarApartNeverMeet)
{
    EXPECT_EQ(matchPatterns(circlePattern(4, 0.15), circlePattern(4, 0.16), 0.0015).matched, 0);
}

// All multisets of up to three pieces, the plain way.
RC_GTEST_PROP(Spacers, AreTheFewestPiecesWithTheSmallestSum, ())
{
    const std::vector<double> stock{0.003, 0.006, 0.009, 0.012, 0.015, 0.018, 0.025};
    const double needed_m = *rc::gen::inRange(1, 900) * 1e-4;
    const auto stack = spacerStack(needed_m, stock, 3);
    for (size_t count = 1; count <= 3; ++count) {
        double best = 1e9;
        for (const double a : stock)
            for (const double b : count > 1 ? stock : std::vector{0.0})
                for (const double c : count > 2 ? stock : std::vector{0.0})
                    if (a + b + c >= needed_m - 1e-12) best = std::min(best, a + b + c);
        if (best > 1e8) continue;
        RC_ASSERT(stack.has_value());
        RC_ASSERT(stack->pieces_m.size() == count);
        RC_ASSERT(std::abs(stack->sum_m - best) < 1e-12);
        return;
    }
    RC_ASSERT(!stack.has_value());
}

TEST(Spacers, NoneIsNeededForNothing)
{
    const std::vector<double> stock{0.003, 0.006};
    EXPECT_TRUE(spacerStack(0.0, stock, 3)->pieces_m.empty());
    EXPECT_EQ(spacerStack(0.006, stock, 3)->pieces_m, std::vector{0.006});
    EXPECT_FALSE(spacerStack(0.019, stock, 3));
}

}  // namespace
}  // namespace core
