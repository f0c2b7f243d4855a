// What unmeasured values could do. The laws are those of the models that it draws from; draws are uniform.
#include "core/spread/widen.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/base/splitmix.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/judgement/measure_next.h"
#include "core/model/validate.h"
#include "core/physics/quantile.h"
#include "core/shipped/shipped.h"
#include "core/spread/uncertain_inputs.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

using tests::kLeftRun;

// The demo with its own driver, widened.
struct Widened {
    Plan plan = tests::demoPlan();
    PartId driver = itemAt(plan, &Plan::devices, plan.job.goal, tests::kLeftSpeaker)->part;
    Evaluation evaluation{};

    Figures& figures() { return plan.parts.at(driver).figures; }
    const StageSpread& spread()
    {
        evaluation = widen(tests::evaluated(plan));
        return *evaluation.spread.at(plan.job.goal);
    }
    const StageResult& nominal() { return *evaluation.stages.at(plan.job.goal); }
    static const UncertainInput& input(const StageSpread& spread, Quantity what)
    {
        const auto found = std::find_if(spread.inputs.begin(), spread.inputs.end(),
                                        [&](const UncertainInput& one) { return one.what.what == what; });
        EXPECT_NE(found, spread.inputs.end());
        return *found;
    }
};

TEST(Widen, DrawsUniformlyWithinTheSpread)
{
    Widened demo;
    demo.figures()[Quantity::Re_ohm] = Known{4.0};  // stated: 7 %
    const Eigen::ArrayXd draws = demo.spread().draws.at({kLeftRun.coil, Quantity::Re_ohm}) / 4.0 - 1.0;
    const double width = 0.07, sigma = width / std::sqrt(3.0);  // of a uniform distribution
    EXPECT_LE(draws.abs().maxCoeff(), width);
    EXPECT_LT(std::abs(draws.mean()), 3.0 * sigma / std::sqrt(static_cast<double>(draws.size())));
    EXPECT_NEAR(std::sqrt(draws.square().mean()), sigma, 0.2 * sigma);
}

TEST(Widen, IsTheSameEveryTime)
{
    Widened one, other;
    const StageSpread& a = one.spread();
    const StageSpread& b = other.spread();
    for (const auto& [address, draws] : a.draws) EXPECT_TRUE((draws == b.draws.at(address)).all());
    for (const auto& [id, heard] : a.hearing)
        EXPECT_TRUE((heard.level_db.low_db == b.hearing.at(id).level_db.low_db).all());
}

TEST(Widen, StoppedItGivesBackWhatItGot)
{
    std::stop_source source;
    source.request_stop();
    EXPECT_TRUE(widen(tests::evaluated(tests::demoPlan()), source.get_token()).spread.empty());
}

// Source: a sensitivity is what it says, dB for dB.
TEST(Widen, ASensitivityShiftsTheLevelByItself)
{
    Widened demo;
    demo.figures()[Quantity::Sensitivity_db] = Known{90.0};
    demo.figures().erase(Quantity::Vas_m3);
    const UncertainInput& input = Widened::input(demo.spread(), Quantity::Sensitivity_db);
    EXPECT_EQ(input.spread, 1.0);
    EXPECT_NEAR(input.shifts.at({kLeftRun, Quantity::Level_db}), 1.0, 1e-6);
}

// Source: Small (1972), efficiency is in proportion to Vas at a given fs and Qes.
TEST(Widen, VasShiftsTheLevelAsEfficiencySays)
{
    Widened demo;
    demo.figures().erase(Quantity::Sensitivity_db);
    demo.figures()[Quantity::Vas_m3] = Known{1.8e-3, Basis{Origin::ClassGuess}};
    const double expected_db = 0.5 * 10.0 * std::log10(1.35 / 0.65);
    EXPECT_NEAR(Widened::input(demo.spread(), Quantity::Vas_m3).shifts.at({kLeftRun, Quantity::Level_db}), expected_db,
                1e-6);
}

// Source: A6, voltage goes with the square root of the rated power; the middle band is the source's to limit.
TEST(Widen, RatedPowerShiftsTheReach)
{
    Widened demo;
    const StageSpread& spread = demo.spread();
    const ListenerId driver{5};
    double shift_db = 0.0;
    for (const UncertainInput& input : spread.inputs)
        if (input.what.what == Quantity::RatedPower_w)
            shift_db += input.reach_db.at(driver)[static_cast<size_t>(Band::Mid)];
    ASSERT_EQ(demo.nominal().hearing.at(driver).bands[static_cast<size_t>(Band::Mid)].limit, Limit::Source);
    EXPECT_GT(shift_db, 0.2);
    // One channel alone can only take away, the other one then limits: half of 10 log(1/0.9) from each of the two.
    EXPECT_LE(shift_db, 10.0 * std::log10(1.0 / 0.9) + 0.001);
}

TEST(Widen, ASpreadOfItsOwnCountsMore)
{
    Widened demo;
    demo.figures()[Quantity::Re_ohm] = Known{.value = 4.0, .basis = {}, .spread = 0.01};
    EXPECT_EQ(Widened::input(demo.spread(), Quantity::Re_ohm).spread, 0.01);
}

TEST(Widen, AReadingNarrows)
{
    Widened demo;
    const auto width = [&](const StageSpread& spread) {
        const Range range = rangeOf(spread.draws.at({kLeftRun.channel, Quantity::LeastImpedance_ohm}));
        return range.high - range.low;
    };
    demo.figures()[Quantity::Re_ohm] = Known{4.0, Basis{Origin::ClassGuess}};
    const double guessed = width(demo.spread());
    demo.figures()[Quantity::Re_ohm] = Known{4.0, Basis{Origin::Measured}};
    EXPECT_LT(width(demo.spread()), 0.5 * guessed);
}

// Common practice, no source: 4 dB in the pressure zone, 6 dB above it up to 400 Hz, nothing where there is no cabin.
TEST(Widen, AClosedCabinAddsWhatItsModelLeavesOut)
{
    Widened demo;
    const StageSpread& spread = demo.spread();
    const Eigen::ArrayXd& f = demo.evaluation.frequency_hz;
    for (const auto& [id, heard] : demo.nominal().hearing) {
        const CurveRange& range = spread.hearing.at(id).level_db;
        for (Eigen::Index i = 0; i < f.size(); ++i) {
            const double least_db = f(i) < demo.nominal().cabin.gain->zone_hz ? 4.0 : f(i) <= 400.0 ? 6.0 : 0.0;
            EXPECT_GE(range.high_db(i) - heard.level_db(i), least_db - 1e-9);
            EXPECT_GE(heard.level_db(i) - range.low_db(i), least_db - 1e-9);
        }
    }
    demo.plan.body.kind = BodyKind::Motorcycle;
    const Eigen::ArrayXd& open_db = demo.spread().hearing.begin()->second.level_db.high_db;
    EXPECT_LT((open_db - demo.nominal().hearing.begin()->second.level_db)(100), 6.0);
}

TEST(Widen, RangesHoldTheNominalAndTheMiddleBandIsItsOwnMeasure)
{
    const tests::TwelveRuns twelve;
    const Evaluation evaluation = widen(evaluate(twelve.plan, shippedShop().practice, std::array{kFound}));
    for (const auto& [id, heard] : evaluation.stages.at(kFound)->hearing) {
        const HeardSpread& spread = evaluation.spread.at(kFound)->hearing.at(id);
        for (size_t band = 0; band < kBandCount; ++band) {
            EXPECT_LE(spread.reach_db[band].low, heard.bands[band].reach_db);
            EXPECT_GE(spread.reach_db[band].high, heard.bands[band].reach_db);
        }
        EXPECT_EQ(spread.balance_db[static_cast<size_t>(Band::Mid)], (Range{0.0, 0.0}));
    }
}

TEST(Widen, TheSameValueIsDrawnAlikeInEveryStage)
{
    Plan plan = tests::demoPlan();
    plan.settings[{plan.job.goal, {tests::kRadio, "RL"}}] = Setting{.gain_db = -1.0};
    const Evaluation evaluation = widen(tests::evaluated(plan));
    const Address rating{Port{tests::kRadio, "RL"}, Quantity::LeastImpedance_ohm};
    const auto& before = evaluation.spread.at(kFound)->inputs;
    const auto& after = evaluation.spread.at(plan.job.goal)->inputs;
    ASSERT_EQ(before.size(), after.size());
    for (size_t i = 0; i < before.size(); ++i) EXPECT_EQ(before[i].what, after[i].what);
    EXPECT_TRUE(
        (evaluation.spread.at(kFound)->draws.at(rating) == evaluation.spread.at(plan.job.goal)->draws.at(rating))
            .all());
}

TEST(Widen, AnEditKeepsTheSpreadOfTheStageItLeavesAlone)
{
    const Plan plan = tests::troublePlan();
    const Evaluation widened = widen(tests::evaluated(plan));
    Plan edited = plan;
    edited.settings[{plan.job.goal, {tests::kRadio, "RL"}}] = Setting{.gain_db = -3.0};
    const Evaluation next = evaluateJob(edited, shippedShop().practice, widened);
    EXPECT_TRUE(next.spread.contains(kFound));
    EXPECT_FALSE(next.spread.contains(plan.job.goal));
    const Evaluation again = widen(next);
    EXPECT_EQ(again.spread.at(kFound), widened.spread.at(kFound));
    EXPECT_TRUE(again.spread.contains(plan.job.goal));
}

// Settling a stage writes down what was filled in, and changes nothing.
TEST(Widen, ASettledStageSoundsTheSame)
{
    const Plan plan = tests::demoPlan();
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    Plan whole = plan;
    whole.parts = settled(stage.used, evaluation.practice).parts;
    for (const auto& [id, part] : plan.parts) whole.parts.try_emplace(id, part);
    const Evaluation again = tests::evaluated(whole);
    for (const auto& [id, heard] : again.stages.at(plan.job.goal)->hearing)
        EXPECT_LT((heard.level_db - stage.hearing.at(id).level_db).abs().maxCoeff(), 1e-9);
}

// A value that is drawn evenly within +-h has a variance of h^2 / 3, and independent ones add up: what all draws say of
// the loudest clean level is what the values shifted one by one say.
// Source: the variance of a rectangular distribution (JCGM 100:2008, "GUM", 4.3.7).
TEST(Widen, DrawsAndShiftsTellTheSameDoubt)
{
    const Evaluation evaluation = widen(tests::evaluated(tests::TwelveRuns().plan));
    const StageSpread& spread = *evaluation.spread.at(kFound);
    EXPECT_TRUE(spread.allShifted);
    double square = 0.0;
    for (const UncertainInput& input : spread.inputs)
        for (const double band_db : input.reach_db.begin()->second) square += band_db * band_db;
    EXPECT_NEAR(3.0 * spread.hearing.begin()->second.reachSquare_db2 / square, 1.0, 0.3) << "by 100 draws";
}

// Too many values to be shifted one by one: the most telling are, and what is left out counts as doubt all the same.
TEST(Widen, InAVeryLargePlanTheMostTellingAreShifted)
{
    tests::TwelveRuns twelve;
    twelve.crowd(20);
    const Evaluation evaluation = widen(tests::evaluated(twelve.plan));
    const StageSpread& spread = *evaluation.spread.at(kFound);
    EXPECT_FALSE(spread.allShifted);
    EXPECT_EQ(std::count_if(spread.inputs.begin(), spread.inputs.end(),
                            [](const UncertainInput& input) { return !input.reach_db.empty(); }),
              128);
    // The source feeds all of them: its power is among them, and moves a band that its voltage limits as power does.
    const auto power = std::find_if(spread.inputs.begin(), spread.inputs.end(), [](const UncertainInput& input) {
        return input.what.what == Quantity::RatedPower_w && !input.reach_db.empty();
    });
    ASSERT_NE(power, spread.inputs.end());
    EXPECT_NEAR(power->reach_db.begin()->second[3], 5.0 * std::log10(1.1 / 0.9), 1e-3);
    const auto next = measureNext(twelve.plan, evaluation, {});
    ASSERT_TRUE(next);
    EXPECT_LT(next->share, 0.5) << "twenty drivers share the doubt";
}

// The order of elimination is worked out for the nominal values and serves every draw.
TEST(Widen, ManyDriversOnOneChannelAreWidenedLikeFew)
{
    tests::TwelveRuns twelve;
    twelve.crowd(2);
    const Evaluation evaluation = widen(tests::evaluated(twelve.plan));
    for (const auto& [address, draws] : evaluation.spread.at(kFound)->draws) EXPECT_TRUE(draws.allFinite());
}

// Whatever a valid plan holds, figures at the ends of their ranges too.
TEST(Widen, EveryValidPlanCanBeWidened)
{
    Splitmix random(5);
    for (int turn = 0; turn < 12; ++turn) {
        Plan plan = tests::demoPlan();
        plan.body.kind = static_cast<BodyKind>(random.next() % 13);
        for (auto& [id, part] : plan.parts)
            for (auto& [name, element] : part.inside)
                for (const Quantity what :
                     {Quantity::Re_ohm, Quantity::Fs_hz, Quantity::Qms, Quantity::Qes, Quantity::Vas_m3,
                      Quantity::Sd_m2, Quantity::Sensitivity_db, Quantity::Capacitance_f, Quantity::RatedPower_w}) {
                    const auto pick = random.next() % 6;
                    if (pick > 2) continue;  // unknown
                    const double value = pick == 0   ? row(what).least
                                         : pick == 1 ? row(what).greatest
                                                     : std::sqrt(row(what).least * row(what).greatest);
                    element.figures[what] = Known{value, Basis{static_cast<Origin>(random.next() % 4)}};
                }
        for (auto& [id, place] : plan.places)
            if (random.next() % 2 == 0) place.room[Quantity::BoxVolume_m3] = Known{1e-3};
        ASSERT_TRUE(validate(plan).empty());
        const Evaluation widened = widen(tests::evaluated(plan));
        for (const auto& [id, spread] : widened.spread) {
            for (const auto& [address, draws] : spread->draws) EXPECT_TRUE(draws.isFinite().all());
            for (const auto& [listener, heard] : spread->hearing)
                EXPECT_TRUE(heard.level_db.low_db.isFinite().all() && heard.level_db.high_db.isFinite().all());
        }
        static_cast<void>(measureNext(plan, widened, judge(plan, widened)));
    }
}

// Source: linear between order statistics at (N - 1) p; four values by hand.
TEST(Quantile, LiesBetweenItsNeighbours)
{
    const Eigen::ArrayXd four = Eigen::Array4d(1.0, 2.0, 4.0, 8.0);
    EXPECT_DOUBLE_EQ(quantile(four, 0.0), 1.0);
    EXPECT_DOUBLE_EQ(quantile(four, 0.5), 3.0);
    EXPECT_DOUBLE_EQ(quantile(four, 0.9), 6.8);
    EXPECT_DOUBLE_EQ(quantile(four, 1.0), 8.0);
}

// A channel whose minus ends nowhere cannot be solved; rounding lets a draw solve it all the same. What the plan itself
// has no figure for has no spread either. Found by damaging files.
TEST(Widen, WhatOnlySomeDrawsCanSolveHasNoSpread)
{
    Plan plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const Port channel{{10}, "FL"};
    for (auto& [id, part] : plan.parts)
        if (isSource(part) && part.inside.contains(channel.element)) part.inside.at(channel.element).b = "F -";
    const Evaluation evaluation = widen(tests::evaluated(plan));
    const StageResult& goal = *evaluation.stages.at(plan.job.goal);
    EXPECT_EQ(findCircuit(goal, channel), nullptr);
    const StageSpread& spread = *evaluation.spread.at(plan.job.goal);
    EXPECT_FALSE(spread.draws.contains({channel, Quantity::LeastImpedance_ohm}));
    for (const auto& [address, draws] : spread.draws) EXPECT_TRUE(draws.isFinite().all());
    for (const UncertainInput& input : spread.inputs)
        for (const auto& [address, shift] : input.shifts) EXPECT_TRUE(spread.draws.contains(address));
}

}  // namespace
}  // namespace core
