#include "core/evaluate/hearing.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/practice/practice_shapes.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

// One stiff channel of 75 W into 4 ohm straight onto a driver of parameters W in an infinite baffle, so that the limits
// follow by hand.
struct OneDriver {
    Plan plan = tests::demoPlan();
    Evaluation evaluation{};
    explicit OneDriver(double power_w)
    {
        for (const int wire : {20, 21, 22, 23}) plan.wires[{kFactory, {wire}}] = std::nullopt;
        plan.parts[{7}].figures[Quantity::RatedPower_w] = Known{75.0};
        plan.parts[{7}].figures[Quantity::OutputResistance_ohm] = Known{1e-4};
        plan = apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan;
        plan = tests::withDriver(plan, tests::driverPart("W", {{Quantity::Nominal_ohm, 4.0},
                                                               {Quantity::Re_ohm, 3.3},
                                                               {Quantity::Fs_hz, 62.0},
                                                               {Quantity::Qms, 5.0},
                                                               {Quantity::Qes, 0.55},
                                                               {Quantity::Vas_m3, 12e-3},
                                                               {Quantity::Sd_m2, 135e-4},
                                                               {Quantity::Le_h, 0.4e-3},
                                                               {Quantity::Xmax_m, 5e-3},
                                                               {Quantity::Power_w, power_w}}));
        evaluation = tests::evaluated(plan);
    }
    [[nodiscard]] const HearingResult& heard() const { return evaluation.stages.at(plan.job.goal)->hearing.at({5}); }
    [[nodiscard]] Eigen::ArrayXd loudest_db() const
    {
        return core::loudest_db(*evaluation.stages.at(plan.job.goal), {5});
    }
    // The largest clean voltage at the grid point nearest to a frequency.
    [[nodiscard]] double clean_v(double frequency_hz) const
    {
        Eigen::Index i = 0;
        (evaluation.frequency_hz - frequency_hz).abs().minCoeff(&i);
        return std::pow(10.0, (loudest_db()(i) - heard().level_db(i)) / 20.0);
    }
};

TEST(Hearing, TravelRulesTheDeepBass)
{
    // Source: Small (1972), driver W: 9.14168 mm peak at 30 Hz and 10 V, so 5 mm allow 5.469 V. The grid's nearest
    // point is 30.12 Hz.
    EXPECT_NEAR(OneDriver(500.0).clean_v(30.0), 5.0 / 9.14168 * 10.0, 0.03);
    EXPECT_EQ(OneDriver(500.0).heard().bands[0].limit, Limit::Travel);
}

TEST(Hearing, TheSourceRulesAboveIt)
{
    // Source: 75 W into 4 ohm is 17.3205 V.
    EXPECT_NEAR(OneDriver(500.0).clean_v(1000.0), 17.3205, 1e-3);
    EXPECT_EQ(OneDriver(500.0).heard().bands[2].limit, Limit::Source);
}

TEST(Hearing, AWeakCoilRulesByHeat)
{
    // 4 W on 4 ohm stand for 4 V; programme of 9 dB crest just touching E has 0.2518 of its sine's power: E = 4 /
    // sqrt(0.2518) = 7.97 V. Source: share 2 / 10^(CF/10), closed form; the wire to the coil takes nothing here.
    EXPECT_NEAR(OneDriver(4.0).clean_v(1000.0), 4.0 / std::sqrt(0.251785), 2e-3);
    EXPECT_EQ(OneDriver(4.0).heard().bands[2].limit, Limit::Heat);
}

TEST(Hearing, BalanceOfTheMiddleIsZeroAndReachIsTheMeanOfTheLoudest)
{
    const OneDriver one(50.0);
    EXPECT_NEAR(one.heard().bands[2].balance_db, 0.0, 1e-12);
    EXPECT_NEAR(one.heard().bands[3].reach_db,
                bandMean_db(one.evaluation.frequency_hz, one.loudest_db(), 4000.0, 20000.0), 1e-12);
}

TEST(Hearing, TheCurveStandsTenDecibelsUnderTheSourcesFirstLimit)
{
    // Source: 75 W into 4 ohm is 17.3205 V, 24.7712 dB re 1 V; 10 dB under it.
    const OneDriver one(50.0);
    EXPECT_TRUE((one.heard().curve_db - one.heard().level_db - 14.7712).abs().maxCoeff() < 1e-3);
}

TEST(Hearing, PracticeShapesAreWhatPhysicsTakes)
{
    const Practice practice = shippedShop().practice;
    EXPECT_EQ(programmeShape(practice).highPass_hz, practice[PracticeKey::ProgrammeHighPass_hz]);
    EXPECT_EQ(ohmmeterWindows(practice).open_ohm, 60.0);
    EXPECT_EQ(stereoMix(practice).randomAbove_hz, 1000.0);
}

}  // namespace
}  // namespace core
