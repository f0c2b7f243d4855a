// What parts as they are sold make of a pair's sum.
#include "core/spread/split_band.h"

#include <gtest/gtest.h>

#include "core/base/grid.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

class SplitBandOfTheDemo : public testing::Test {
protected:
    static constexpr DeviceId kDoor{28}, kSail{37};

    [[nodiscard]] static std::optional<SplitBand> bandOf(const Plan& plan, const std::stop_token& stop = {})
    {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = *evaluation.stages.at(plan.job.goal);
        return splitBand(stage, *splitPairOf(stage, kSail, evaluation.practice), plan.listeners.begin()->first,
                         evaluation, stop);
    }
    [[nodiscard]] static Eigen::ArrayXd levelOf(const Plan& plan)
    {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = *evaluation.stages.at(plan.job.goal);
        return splitSum(stage, *splitPairOf(stage, kSail, evaluation.practice), plan.listeners.begin()->first)
            ->wired.level_db;
    }
    // The capacitor on the sails' tweeters, which is all that lies on their way.
    [[nodiscard]] static Plan withCapacitor(const Plan& plan, const Known& value)
    {
        Plan other = plan;
        other.parts.at(resolve(plan, plan.job.goal).devices.at(kSail).part)
            .inside.at("C")
            .figures[Quantity::Capacitance_f] = value;
        return other;
    }
    [[nodiscard]] static double widthAt_db(const SplitBand& band, double hz)
    {
        Eigen::Index at = 0;
        (frequencyGrid_hz() - hz).abs().minCoeff(&at);
        return band.high_db(at) - band.low_db(at);
    }
    const Plan m_plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
};

// One part alone: a draw is that part anywhere within its spread, so the band lies within what a sweep of its value
// gives, planned and evaluated anew each time, and fills nearly all of that.
TEST_F(SplitBandOfTheDemo, OfOnePartIsWhatThePartCanDo)
{
    const Known stated{4.7e-6, {Origin::Stated}, 0.1};
    const Plan plan = withCapacitor(m_plan, stated);
    const auto band = bandOf(plan);
    ASSERT_TRUE(band);
    EXPECT_DOUBLE_EQ(band->spread_ratio, 0.1);
    Eigen::ArrayXd least = levelOf(plan), most = least;
    for (int step = -10; step <= 10; ++step) {
        Known value = stated;
        value.value *= 1.0 + 0.01 * step;
        const Eigen::ArrayXd level_db = levelOf(withCapacitor(m_plan, value));
        least = least.min(level_db);
        most = most.max(level_db);
    }
    EXPECT_GE((band->low_db - least).minCoeff(), -0.02);
    EXPECT_LE((band->high_db - most).maxCoeff(), 0.02);
    const double widest_db = (most - least).maxCoeff();
    ASSERT_GT(widest_db, 0.5);
    Eigen::Index at = 0;
    (most - least).maxCoeff(&at);
    EXPECT_GT(band->high_db(at) - band->low_db(at), 0.85 * widest_db) << "95 % of a uniform spread";
    EXPECT_LT(band->high_db(at) - band->low_db(at), 1.001 * widest_db);
}

// Half as far off, about half as wide; what the parts cannot change stays where it is.
TEST_F(SplitBandOfTheDemo, FollowsWhatThePartsMayBeOff)
{
    const auto wide = bandOf(withCapacitor(m_plan, {4.7e-6, {Origin::Stated}, 0.1}));
    const auto half = bandOf(withCapacitor(m_plan, {4.7e-6, {Origin::Stated}, 0.05}));
    ASSERT_TRUE(wide && half);
    const double ratio = (half->high_db - half->low_db).maxCoeff() / (wide->high_db - wide->low_db).maxCoeff();
    EXPECT_NEAR(ratio, 0.5, 0.05);
    EXPECT_LT(wide->high_db(0) - wide->low_db(0), 0.01) << "at 20 Hz the woofer is alone";
    // Exact, it is the curve itself.
    const Plan plan = withCapacitor(m_plan, {4.7e-6, {Origin::Stated}, 1e-7});
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    const auto sum = splitSum(stage, *splitPairOf(stage, kSail, evaluation.practice), plan.listeners.begin()->first);
    EXPECT_NEAR(bandOf(plan)->even_db, sum->wired.even_db, 1e-3);
}

TEST_F(SplitBandOfTheDemo, OfABoardTakesAllItsParts)
{
    const Plan plan =
        apply(m_plan, fitMadeNetwork(m_plan, tests::onBoard(kDoor, kSail),
                                     tests::partsOf({.wooferCoil_h = 0.68e-3, .wooferShunt_f = 18e-6,
                                                     .tweeterSeries_f = 8.2e-6, .tweeterShunt_h = 0.33e-3})))
            .plan;
    const auto band = bandOf(plan);
    ASSERT_TRUE(band);
    const Eigen::ArrayXd level_db = levelOf(plan);
    EXPECT_LE((band->low_db - level_db).maxCoeff(), 0.1);
    EXPECT_GE((band->high_db - level_db).minCoeff(), -0.1);
    EXPECT_EQ(bandOf(plan)->low_db(100), band->low_db(100)) << "the same draws each time";
    Plan exact = plan;  // on the woofer's leg
    for (auto& [id, part] : exact.parts)
        if (isTwoWay(part))
            for (auto& [name, element] : part.inside)
                if (name == "Lw" || name == "Cw") element.figures.begin()->second.spread = 1e-6;
    EXPECT_GT(widthAt_db(*band, 1000.0), 1.2 * widthAt_db(*bandOf(exact), 1000.0));
}

TEST_F(SplitBandOfTheDemo, IsNothingWhereItIsStopped)
{
    std::stop_source stop;
    stop.request_stop();
    EXPECT_FALSE(bandOf(m_plan, stop.get_token()));
}

}  // namespace
}  // namespace core
