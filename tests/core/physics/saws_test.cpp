// Saws and drills for a hole, against its limits.
#include <gtest/gtest.h>

#include <array>

#include "core/physics/cutout.h"

namespace core {
namespace {

using Verdict = SawFit::Verdict;

// A body of 44 mm needs 45 at least, a flange of 60 covers 52: of these saws one is too tight, two fit, one would show.
TEST(Saws, AreToldByTheHolesOwnLimits)
{
    const auto limits = cutoutLimits({.basket_m = 0.044, .flange_m = 0.060});
    ASSERT_TRUE(limits);
    constexpr std::array kSaws{0.035, 0.0449, 0.045, 0.052, 0.0521, 0.060};
    const auto saws = sawsFor(limits->value, 0.044, kSaws);
    ASSERT_EQ(saws.size(), 4U);
    const std::array verdicts{Verdict::TooTight, Verdict::Fits, Verdict::Fits, Verdict::Shows};
    for (size_t i = 0; i < saws.size(); ++i) {
        EXPECT_EQ(saws[i].verdict, verdicts[i]) << i;
        EXPECT_DOUBLE_EQ(saws[i].saw_m, kSaws[i + 1]);
        EXPECT_DOUBLE_EQ(saws[i].play_m, kSaws[i + 1] - 0.044);
    }
    EXPECT_TRUE(sawsFor(limits->value, 0.044, {}).empty());
}

// common practice, no source: 3, 6, 10 mm to where a blade goes in.
TEST(Saws, ALadderOfDrillsLeadsToTheBlade)
{
    const auto near = [](const std::vector<double>& found, std::initializer_list<double> wanted) {
        return std::equal(found.begin(), found.end(), wanted.begin(), wanted.end(),
                          [](double a, double b) { return std::abs(a - b) < 1e-12; });
    };
    EXPECT_TRUE(near(drillLadder(0.003, 0.010), {0.003, 0.006, 0.010}));
    EXPECT_TRUE(near(drillLadder(0.003, 0.012), {0.003, 0.006, 0.012})) << "exactly twice is one step";
    EXPECT_TRUE(near(drillLadder(0.003, 0.003), {0.003}));
}

}  // namespace
}  // namespace core
