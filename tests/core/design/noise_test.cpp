// Programme over the noise of driving, and what a use shakes.
#include "core/design/noise.h"

#include <gtest/gtest.h>

#include "core/model/names.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

ListenerId first(const Plan& plan)
{
    return plan.listeners.begin()->first;
}

// The mean of programme lies a crest factor under its peak; the noise is practice's.
TEST(OverNoise, IsReachLessCrestLessNoise)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = *evaluation.stages.at(plan.job.goal);
    const auto bands = overNoise(goal, first(plan), Use::WorkVan, evaluation.practice);
    ASSERT_TRUE(bands);
    for (size_t i = 0; i < kBandCount; ++i) {
        EXPECT_DOUBLE_EQ((*bands)[i].noise_db, evaluation.practice.uses.at("workVan").noise_db[i]);
        EXPECT_DOUBLE_EQ((*bands)[i].over_db, goal.hearing.at(first(plan)).bands[i].reach_db -
                                                  evaluation.practice[PracticeKey::CrestFactor_db] -
                                                  (*bands)[i].noise_db);
        EXPECT_EQ((*bands)[i].enough(), (*bands)[i].over_db >= evaluation.practice[PracticeKey::OverNoise_db]);
    }
}

// A helmet in the wind is louder than a closed car, band by band; common practice, no source.
TEST(OverNoise, WindLeavesLessThanACabin)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& goal = *evaluation.stages.at(plan.job.goal);
    const auto car = overNoise(goal, first(plan), Use::FamilyCar, evaluation.practice);
    const auto wind = overNoise(goal, first(plan), Use::WindAndHelmet, evaluation.practice);
    for (size_t i = 0; i < kBandCount; ++i) EXPECT_LT((*wind)[i].over_db, (*car)[i].over_db);
    // recalled: a helmet takes 6 and 18 dB from what plays outside it in the two upper bands, nothing below.
    constexpr std::array kHelmet_db{0.0, 0.0, 6.0, 18.0};
    for (size_t i = 0; i < kBandCount; ++i)
        EXPECT_NEAR((*car)[i].mean_db - (*wind)[i].mean_db, kHelmet_db[i], 1e-12) << i;
}

TEST(OverNoise, IsNothingWhereNobodyListens)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    EXPECT_FALSE(overNoise(*evaluation.stages.at(kFound), ListenerId{999}, Use::FamilyCar, evaluation.practice));
}

// F = m a / n: three times the shock is three times the force on each screw.
TEST(UseShock, IsTheUsesUnlessThePlanHasItsOwn)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const auto force = [&] {
        return tests::evaluated(plan).stages.at(plan.job.goal)->fits.at(tests::kLeftSpeaker)->fixing_n->value;
    };
    const double car_n = force();
    plan.job.use = Use::OpenCab;
    const Practice practice = shippedShop().practice;
    EXPECT_NEAR(force() / car_n, practice.uses.at("openCab").shock_ratio / practice.uses.at("familyCar").shock_ratio,
                1e-12);
    plan.practice[PracticeKey::Shock_ratio] = practice.uses.at("familyCar").shock_ratio;
    EXPECT_NEAR(force(), car_n, 1e-12);
}

}  // namespace
}  // namespace core
