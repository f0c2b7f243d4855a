// What stands against a split that somebody has in mind.
#include "core/design/why_not.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/split_search.h"
#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/turn_edits.h"
#include "core/evaluate/split_sum.h"
#include "core/io/plan_file.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"
#include "tests/core/demo_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

class WhyNotThisSplit : public testing::Test {
protected:
    static constexpr DeviceId kDoor{28}, kSail{37};
    const Plan m_plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const Evaluation m_evaluation = tests::evaluated(m_plan);
    const std::vector<Finding> m_findings = judge(m_plan, m_evaluation);
    const ListenerId m_seat = m_plan.listeners.begin()->first;

    [[nodiscard]] WhyNot ask(const Edit& tried, const std::optional<Edit>& best = {}) const
    {
        return whyNot(m_plan, m_evaluation, m_findings, tried, kSail, m_seat, 0.0, best);
    }
};

// A tweeter from 400 Hz: its resonance stands against it, and the rule's own finding says so.
TEST_F(WhyNotThisSplit, SaysWhatTheRulesWouldSay)
{
    const Edit low = oneCapacitor(m_plan, kSail, 100e-6);
    const WhyNot why = ask(low);
    const Plan after = apply(m_plan, low).plan;
    const std::vector<Finding> all = judge(after, tests::evaluated(after));
    ASSERT_FALSE(why.against.empty());
    EXPECT_TRUE(std::any_of(why.against.begin(), why.against.end(),
                            [](const Finding& one) { return one.rule == RuleId::SplitNearResonance; }));
    for (const Finding& one : why.against)
        EXPECT_TRUE(std::any_of(all.begin(), all.end(), [&](const Finding& other) {
            return other.rule == one.rule && other.where == one.where;
        })) << code(one.rule);
    EXPECT_TRUE(std::is_sorted(why.against.begin(), why.against.end(),
                               [](const Finding& a, const Finding& b) { return a.severity > b.severity; }));
}

// A finding that is there already stands against what takes it further past its limit, not against what leaves it.
TEST_F(WhyNotThisSplit, SaysWhatGetsWorse)
{
    Plan plan = m_plan;
    plan.practice[PracticeKey::SplitNear_ratio] = 2.5;
    const Plan low = apply(plan, oneCapacitor(plan, kSail, 68e-6)).plan;
    const Evaluation evaluation = tests::evaluated(low);
    const std::vector<Finding> there = judge(low, evaluation);
    const auto isNear = [](const Finding& one) { return one.rule == RuleId::SplitNearResonance; };
    ASSERT_TRUE(std::any_of(there.begin(), there.end(), isNear));
    const auto saysNear = [&](double value_f) {
        const WhyNot why = whyNot(low, evaluation, there, oneCapacitor(low, kSail, value_f), kSail, m_seat, 0.0, {});
        return std::any_of(why.against.begin(), why.against.end(), isNear);
    };
    EXPECT_TRUE(saysNear(100e-6)) << "lower still";
    EXPECT_FALSE(saysNear(56e-6)) << "a little less low";
}

// What is there already stands against nothing new; the best that was found is more even than what is there.
TEST_F(WhyNotThisSplit, SetsItBesideTheBestThatWasFound)
{
    const WhyNot nothing = ask(Edit{});
    EXPECT_TRUE(nothing.against.empty());
    EXPECT_FALSE(nothing.best_db);
    // As it stands is one of a search's answers, by the model of the search, which takes the drivers without their boxes.
    const auto search = searchSplits(m_plan, m_evaluation, {.tweeter = kSail, .seats = {m_seat}});
    ASSERT_TRUE(nothing.uneven_db && search);
    const auto standing = std::find_if(search->answers.begin(), search->answers.end(), [](const SplitAnswer& one) {
        return one.kind == SplitKind::NoNewParts;
    });
    const auto most = std::find_if(search->answers.begin(), search->answers.end(),
                                   [](const SplitAnswer& one) { return one.kind == SplitKind::MostEven; });
    ASSERT_NE(standing, search->answers.end());
    ASSERT_NE(most, search->answers.end());
    const WhyNot asItStands = ask(standing->edit, most->edit);
    ASSERT_TRUE(asItStands.uneven_db && asItStands.best_db);
    EXPECT_NEAR(*asItStands.uneven_db, standing->found.even_db, 0.01);
    EXPECT_NEAR(*asItStands.best_db, most->found.even_db, 0.5);
    EXPECT_LT(*asItStands.best_db, *asItStands.uneven_db);
    const Edit other = oneCapacitor(m_plan, kSail, 6.8e-6);
    const WhyNot both = ask(other, other);
    ASSERT_TRUE(both.uneven_db && both.best_db);
    EXPECT_DOUBLE_EQ(*both.uneven_db, *both.best_db) << "the same split twice";
    EXPECT_NE(*both.uneven_db, *nothing.uneven_db);
}

// What was found for a plan that has moved on since is no answer.
TEST_F(WhyNotThisSplit, LeavesOutWhatWasFoundForAnotherPlan)
{
    const Plan made = apply(m_plan, fitMadeNetwork(m_plan, tests::onBoard(kDoor, kSail),
                                                   tests::partsOf({.wooferCoil_h = 0.68e-3, .tweeterSeries_f = 6.8e-6})))
                          .plan;
    const Edit drawn = addCapacitor(made, kSail, 4.7e-6);
    const Edit absolute = planTurnOver(made, std::vector{kSail});
    for (const Edit& stale : {drawn, absolute}) {
        const WhyNot why = ask(oneCapacitor(m_plan, kSail, 6.8e-6), stale);
        EXPECT_TRUE(why.uneven_db);
        EXPECT_FALSE(why.best_db);
    }
}

}  // namespace
}  // namespace core
