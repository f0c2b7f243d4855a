// Woofer, mid and tweeter of one channel parted at once: what is said holds in the plan that is made of it.
#include "core/design/three_way_search.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/design/part_price.h"
#include "core/evaluate/solve_circuit.h"
#include "core/limits/split_limits.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;
using tests::goalOf;

class ThreeWay : public testing::Test {
protected:
    const Plan m_plan = tests::withSpots(BodyKind::Saloon, {"front door", "dash top", "sail"});
    const DeviceId m_door = driverAt(m_plan, "left front door"), m_dash = driverAt(m_plan, "left dash top"),
                   m_sail = driverAt(m_plan, "left sail");

    static const SplitAnswer* answerOf(const SplitSearch& search, SplitKind kind)
    {
        for (const SplitAnswer& one : search.answers)
            if (one.kind == kind) return &one;
        return nullptr;
    }
    static SplitSearch search(const Plan& plan, DeviceId tweeter)
    {
        const auto found = searchSplits(plan, tests::evaluated(plan), {.tweeter = tweeter});
        EXPECT_TRUE(found);
        return found.value_or(SplitSearch{});
    }
};

// On a radio that bears 2 ohm; one that wants 3.2 leaves nothing with a part for each.
TEST_F(ThreeWay, AnswersThreeInKindWhicheverIsAsked)
{
    Plan plan = m_plan;
    plan.practice[PracticeKey::LoadCare_ratio] = 0.5;
    const SplitSearch found = search(plan, m_sail);
    const SplitAnswer* even = answerOf(found, SplitKind::MostEven);
    const SplitAnswer* few = answerOf(found, SplitKind::FewestParts);
    const SplitAnswer* standing = answerOf(found, SplitKind::NoNewParts);
    ASSERT_TRUE(even && few && standing);
    EXPECT_GT(found.tried, 100'000U);
    EXPECT_GT(found.refused, 0U);
    EXPECT_LE(few->parts, 3);
    EXPECT_GT(even->parts, 3);
    EXPECT_EQ(standing->price, 0.0);
    EXPECT_GT(even->price, few->price);
    EXPECT_LT(even->found.even_db, standing->found.even_db);
    EXPECT_LT(even->found.even_db, few->found.even_db);
    const SplitSearch other = search(plan, m_dash);
    EXPECT_EQ(answerOf(other, SplitKind::MostEven)->found.parts, even->found.parts) << "the same three";
    const SplitSearch wants = search(m_plan, m_sail);
    EXPECT_GT(wants.refused, found.refused);
    ASSERT_EQ(wants.answers.size(), 2U);
    EXPECT_EQ(wants.answers.back().kind, SplitKind::MostEven);
    EXPECT_GE(wants.answers.back().found.least_ohm, 3.2);
}

// Both hand-overs lie where they were said to lie, all push together as was said, the load is what it was said to be.
TEST_F(ThreeWay, WhatIsSaidHoldsInThePlan)
{
    for (const SplitAnswer& answer : search(m_plan, m_sail).answers) {
        const Plan plan = after(m_plan, answer.edit);
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& goal = goalOf(evaluation, plan);
        const SplitSearch there = search(plan, m_sail);
        const SplitAnswer& stands = *answerOf(there, SplitKind::NoNewParts);
        EXPECT_FALSE(stands.found.turned) << static_cast<int>(answer.kind);
        EXPECT_FALSE(stands.found.middle->turned) << static_cast<int>(answer.kind);
        EXPECT_NEAR(stands.found.even_db, answer.found.even_db, 0.8) << static_cast<int>(answer.kind);
        EXPECT_NEAR(std::log2(stands.found.at_hz / answer.found.at_hz), 0.0, 0.35);
        EXPECT_NEAR(std::log2(stands.found.middle->from_hz / answer.found.middle->from_hz), 0.0, 0.35);
        if (answer.edit.changes.empty() || answer.kind == SplitKind::NoNewParts) continue;
        EXPECT_GE(answer.found.at_hz, 2.0 * answer.found.middle->from_hz) << "an octave for the mid";
        EXPECT_NEAR(findCircuit(goal, goal.runs.front().run.id.channel)->least_ohm, answer.found.least_ohm, 0.4);
        const RunResult& tweeter = *findRunOfDevice(goal, m_sail);
        EXPECT_FALSE(splitNearLimit(tweeter, evaluation.frequency_hz, evaluation.practice)) << "spared there, too";
        // Both sides alike.
        for (const char* spot : {"front door", "dash top", "sail"}) {
            const auto sign = [&](const std::string& side) {
                return findRunOfDevice(goal, driverAt(m_plan, side + " " + spot))->run.sign;
            };
            EXPECT_EQ(sign("left"), sign("right")) << spot;
        }
    }
}

// Nothing near by is better: each answer's hand-over moved by one corner of R10, built and judged as what stands there.
TEST_F(ThreeWay, MovesOfTheAnswerAreNoBetter)
{
    const SplitAnswer even = *answerOf(search(m_plan, m_sail), SplitKind::MostEven);
    const Practice& practice = tests::shop().practice;
    const auto built = [&](const BoardParts& parts) {
        const BoardSpeakers all{{Leg::Woofer, m_door}, {Leg::Mid, m_dash}, {Leg::Tweeter, m_sail}};
        const Plan plan = after(m_plan, fitMadeNetwork(m_plan, all, parts));
        const SplitAnswer standing = *answerOf(search(plan, m_sail), SplitKind::NoNewParts);
        return standing.found.cost_db + practice[PracticeKey::SplitPart_db] * countOf(parts) +
               practice[PracticeKey::SplitMoney_db] * priceOf(parts, practice);
    };
    const double best_db = built(even.found.parts);
    EXPECT_NEAR(best_db, even.found.cost_db, 0.8);
    for (const double ratio : {std::pow(10.0, -0.1), std::pow(10.0, 0.1)})
        for (const Leg leg : {Leg::Woofer, Leg::Tweeter}) {
            BoardParts moved = even.found.parts;
            for (LegPart& part : moved[leg])
                if (part.kind != ElementKind::Resistor) part.value *= ratio;
            EXPECT_GT(built(moved), best_db - 0.3) << terminalOf(leg, '+') << ratio;
        }
}

TEST_F(ThreeWay, StopsAndTellsHowFarItIs)
{
    std::stop_source stop;
    double last = -1.0;
    const auto stopped =
        searchSplits(m_plan, tests::evaluated(m_plan), {.tweeter = m_sail}, stop.get_token(), [&](double share) {
            EXPECT_GT(share, last);
            last = share;
            if (share > 0.2) stop.request_stop();
        });
    EXPECT_FALSE(stopped);
    EXPECT_LT(last, 0.3);
}

// Two on a channel are no three, and neither is a third that has one of its own.
TEST_F(ThreeWay, IsOfThreeOnOneChannel)
{
    const auto three = [](const Plan& plan, DeviceId tweeter) {
        const Evaluation evaluation = tests::evaluated(plan);
        const StageResult& stage = goalOf(evaluation, plan);
        return threeOf(stage, *splitPairOf(stage, tweeter, evaluation.practice), evaluation.practice);
    };
    EXPECT_TRUE(three(m_plan, m_sail));
    EXPECT_TRUE(three(m_plan, m_dash));
    const tests::SetInDoors two = tests::setInDoors();
    EXPECT_FALSE(three(two.plan, two.sail));
}

// What parts cost, worked by hand with the shipped prices: 1.50 for any, 0.40 a microfarad, 4.00 a millihenry.
TEST(PartPrice, IsByKindAndValue)
{
    const Practice& practice = tests::shop().practice;
    EXPECT_NEAR(priceOf(LegPart{ElementKind::Capacitor, true, 10e-6}, practice), 5.5, 1e-9);
    EXPECT_NEAR(priceOf(LegPart{ElementKind::Inductor, false, 0.5e-3}, practice), 3.5, 1e-9);
    EXPECT_NEAR(priceOf(LegPart{ElementKind::Resistor, true, 3.3}, practice), 1.5, 1e-9);
    const BoardParts board = tests::partsOf({.wooferCoil_h = 0.5e-3, .tweeterSeries_f = 10e-6, .tweeterPad_ohm = 3.3});
    EXPECT_NEAR(priceOf(board, practice), 10.5, 1e-9);
}

}  // namespace
}  // namespace core
