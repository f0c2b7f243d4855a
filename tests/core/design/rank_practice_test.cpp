// What a shop weighs is its own: every share of lost points and every angle follows practice, exactly.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/rank_drivers.h"
#include "core/edits/place_edits.h"
#include "core/fit/choose_turn.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

using tests::kLeft;

// One driver of the shelf by itself, so that nothing is the dearest or the heaviest but it.
class RankingPractice : public testing::Test {
protected:
    [[nodiscard]] Candidate only(const std::map<PracticeKey, double>& changes)
    {
        Plan asked = plan;
        asked.practice = changes;
        const Shelf shelf{{part}};
        return rankDrivers(asked, shelf, tests::kLeftSpeaker, tests::evaluated(asked)).front();
    }
    [[nodiscard]] double lostBy(Criterion by, const std::map<PracticeKey, double>& changes)
    {
        for (const LostPoints& lost : only(changes).lost)
            if (lost.by == by) return lost.points;
        return 0.0;
    }
    void room(std::initializer_list<std::pair<Quantity, double>> figures)
    {
        Place place = plan.places.at(kLeft);
        for (const auto& [what, value] : figures) place.room[what] = Known{value, {Origin::Measured}};
        plan = apply(plan, changePlace(plan, kLeft, place)).plan;
    }
    Plan plan = tests::demoPlan();
    Part part = *shippedShop().shelf.find("wb-alder-4");  // 46 mm deep
};

// 14 points for depth: what a spacer of 3 mm takes is the share for 12 mm, at least.
TEST_F(RankingPractice, ASpacerCostsItsShareOfTheDepthPoints)
{
    room({{Quantity::Depth_m, 0.048}, {Quantity::FrontClearance_m, 0.030}});  // 2 left of 5: a spacer of 3
    EXPECT_NEAR(lostBy(Criterion::Depth, {}), 0.25 * 14.0, 1e-9);
    EXPECT_NEAR(lostBy(Criterion::Depth, {{PracticeKey::RankSpacer_ratio, 0.5}}), 0.5 * 14.0, 1e-9);
    // A share for 1 mm makes 3 mm cost three times as much.
    EXPECT_NEAR(lostBy(Criterion::Depth, {{PracticeKey::RankSpacer_m, 0.001}}), 0.75 * 14.0, 1e-9);
    EXPECT_NEAR(lostBy(Criterion::Depth, {{PracticeKey::RankDepth_points, 20.0}}), 0.25 * 20.0, 1e-9);
}

// What a band loses past what is free, over the span that costs all: not capped.
TEST_F(RankingPractice, ALostBandCostsMoreThanAllOfItsPoints)
{
    const Candidate first = only({});
    const double lost_db = -first.bandChange_db;
    ASSERT_GT(lost_db, 0.2);
    const double all = shippedShop().practice[PracticeKey::RankBands_points];
    const double free_db = 0.5 * lost_db;
    for (const double span : {0.25, 0.5, 2.0}) {
        const double whole_db = free_db + span * lost_db;
        EXPECT_NEAR(
            lostBy(Criterion::Bands, {{PracticeKey::RankBandFree_db, free_db}, {PracticeKey::RankBand_db, whole_db}}),
            all * 0.5 / span, 1e-6 * all)
            << span;
    }
    EXPECT_EQ(lostBy(Criterion::Bands, {{PracticeKey::RankBandFree_db, 1.01 * lost_db}}), 0.0);
}

TEST_F(RankingPractice, WhatNobodyKnowsCostsItsShare)
{
    plan.places.at(kLeft).room.erase(Quantity::FrontClearance_m);
    const double all = shippedShop().practice[PracticeKey::RankFront_points];
    EXPECT_NEAR(lostBy(Criterion::Front, {}), 0.25 * all, 1e-9);
    EXPECT_NEAR(lostBy(Criterion::Front, {{PracticeKey::RankUnknown_ratio, 1.0}}), all, 1e-9);
    EXPECT_NEAR(lostBy(Criterion::Front, {{PracticeKey::RankUnknown_ratio, 0.0}}), 0.0, 1e-12);
}

// dB over the full loss: half the decibels that cost all cost half.
TEST_F(RankingPractice, LessLevelCostsInProportion)
{
    part.figures[Quantity::Sensitivity_db] = Known{80.0};
    const Candidate one = only({{PracticeKey::RankQuieter_db, 60.0}});
    ASSERT_LT(one.levelChange_db, 0.0);
    const double all = shippedShop().practice[PracticeKey::RankLevel_points];
    EXPECT_NEAR(lostBy(Criterion::Level, {{PracticeKey::RankQuieter_db, 60.0}}), all * -one.levelChange_db / 60.0,
                1e-9);
    EXPECT_NEAR(lostBy(Criterion::Level, {{PracticeKey::RankQuieter_db, 0.5}}), all, 1e-9) << "never more than all";
}

TEST_F(RankingPractice, HeatIsFreeUpToItsShareOfTheRating)
{
    part.figures[Quantity::Power_w] = Known{5.0};
    const double ratio = only({}).heat_ratio;
    ASSERT_GT(ratio, 0.0);
    ASSERT_LT(ratio, 0.99);
    EXPECT_EQ(lostBy(Criterion::Heat, {{PracticeKey::RankHeatFree_ratio, std::min(0.99, ratio + 1e-6)}}), 0.0);
    const double all = shippedShop().practice[PracticeKey::RankHeat_points];
    EXPECT_NEAR(lostBy(Criterion::Heat, {{PracticeKey::RankHeatFree_ratio, 0.0}}), all * ratio, 1e-9);
}

TEST_F(RankingPractice, FewOhmsAreHeldBackInTheListToo)
{
    part = *shippedShop().shelf.find("wb-heron-2");
    EXPECT_FALSE(only({}).heldBack) << "the demo's radio states its least load";
    for (auto& [id, one] : plan.parts)
        if (isSource(one)) one.figures.erase(Quantity::LeastLoad_ohm);
    EXPECT_EQ(only({}).heldBack, VariantSign::SubLevelControl);
}

// The first wish is kept exactly to its angle, and lost just beyond it.
struct WithinRow {
    const char* what;
    double terminal_deg, within_deg;
    bool kept;
};
void PrintTo(const WithinRow& row, std::ostream* out)
{
    *out << row.what;
}
class TurnLimit : public testing::TestWithParam<WithinRow> {};
TEST_P(TurnLimit, IsPractices)
{
    // It may not be turned: terminals down is kept as far as the angle allows.
    TurnQuestion question{.turns_deg = {0.0}, .terminal_deg = GetParam().terminal_deg};
    question.within.down_deg = GetParam().within_deg;
    const TurnChoice choice = chooseTurn(question);
    EXPECT_EQ(choice.givenUp.empty(), GetParam().kept);
}
INSTANTIATE_TEST_SUITE_P(Down, TurnLimit,
                         testing::Values(WithinRow{"45 off, 45 allowed", 315.0, 45.0, true},
                                         WithinRow{"45.1 off, 45 allowed", 315.1, 45.0, false},
                                         WithinRow{"80 off, 90 allowed", 350.0, 90.0, true},
                                         WithinRow{"30 off, 20 allowed", 240.0, 20.0, false}));

}  // namespace
}  // namespace core
