// A driver in its place: margins are arithmetic on what was measured, and the mirrored side has the mirrored answer.
#include "core/fit/fit_of.h"
#include "core/fit/screw_choice.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include "core/edits/fit_edits.h"
#include "core/edits/place_edits.h"
#include "core/fit/choose_turn.h"
#include "core/fit/screw_holes.h"
#include "core/fitout/resolve.h"
#include "core/limits/fit_limits.h"
#include "core/model/validate.h"
#include "core/picture/fit_section.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

Figures measured(std::initializer_list<std::pair<Quantity, double>> figures)
{
    Figures known;
    for (const auto& [what, value] : figures) known[what] = Known{value, {Origin::Measured}};
    return known;
}

// depth 68, flange 5, surround 7, strikes at 5: the numbers of physics.md I1.
Part i1Driver()
{
    Part part = tests::driverPart("i1", {});
    part.figures = measured({{Quantity::Depth_m, 0.068},
                             {Quantity::FlangeThickness_m, 0.005},
                             {Quantity::Surround_m, 0.007},
                             {Quantity::MostTravel_m, 0.005},
                             {Quantity::Basket_m, 0.126},
                             {Quantity::Flange_m, 0.165},
                             {Quantity::Magnet_m, 0.09},
                             {Quantity::Mass_kg, 2.0},
                             {Quantity::ScrewCount, 4.0},
                             {Quantity::ScrewCircle_m, 0.145}});
    return part;
}

class Fit : public testing::Test {
protected:
    [[nodiscard]] DriverFit fit() const
    {
        return fitOf({driver, place, mount, spacer.kind == PartKind::Spacer ? &spacer : nullptr, {}}, shop.practice);
    }
    const Shop shop = shippedShop();
    Part driver = i1Driver();
    Place place{};
    Mount mount{};
    Part spacer{};
};

TEST_F(Fit, FromTheFrontASpacerGainsDepthAndTakesRoom)
{
    place.room = measured({{Quantity::Depth_m, 0.060}, {Quantity::FrontClearance_m, 0.030}});
    DriverFit before = fit();
    EXPECT_NEAR(before.depthMargin_m->value, -0.008, 1e-12);
    EXPECT_EQ(before.depthMargin_m->worst, Origin::Measured);
    EXPECT_NEAR(*before.spacerNeeded_m, 0.013, 1e-12);
    ASSERT_TRUE(before.spacers);
    EXPECT_EQ(before.spacers->pieces_m, std::vector{0.015});
    spacer = {.kind = PartKind::Spacer};
    spacer.figures = measured({{Quantity::Thickness_m, 0.015}});
    EXPECT_NEAR(fit().depthMargin_m->value, 0.007, 1e-12);
    EXPECT_NEAR(fit().frontMargin_m->value, 0.003, 1e-12);  // exactly what is wanted
    place.room[Quantity::FrontClearance_m].value = 0.0299;
    EXPECT_FALSE(fit().spacers) << "no room in front for it";
}

// A driver whose own screws would hang in air could never be planned: none that ships is one.
TEST(ShippedDrivers, HaveTheirScrewsOnTheirFlanges)
{
    const Shop shop = shippedShop();
    const Place place;
    const Mount mount;
    int known = 0;
    for (const Part* part : shop.shelf.of(PartKind::Driver)) {
        const DriverFit fit = fitOf({*part, place, mount}, shop.practice);
        known += fit.screwReach.has_value();
        EXPECT_FALSE(flangeLimit(fit)) << part->shelfKey << " reaches " << fit.screwReach.value_or(0.0);
    }
    EXPECT_GE(known, 40);
}

TEST_F(Fit, FromBelowASpacerPushesTheMagnetAway)
{
    place.underPanel = true;
    place.room = measured({{Quantity::Depth_m, 0.093}, {Quantity::Between_m, 0.002}});
    EXPECT_NEAR(*fit().spacerNeeded_m, 0.013, 1e-12);
    EXPECT_EQ(fit().spacers->sum_m, 0.015);
    spacer = {.kind = PartKind::Spacer};
    spacer.figures = measured({{Quantity::Thickness_m, 0.015}});
    EXPECT_NEAR(fit().depthMargin_m->value, 0.005, 1e-12);  // 93 - 15 - 5 - 68
    place.room[Quantity::Depth_m].value = 0.0929;
    EXPECT_FALSE(fit().spacers);
}

TEST_F(Fit, MassOnItsFixings)
{
    place.room = measured({{Quantity::ScrewCount, 4.0}, {Quantity::ScrewCircle_m, 0.145}});
    EXPECT_NEAR(fit().fixing_n->value, 24.5, 0.05);  // 2 kg at 5 g on four screws
}

TEST_F(Fit, WhatNobodyMeasuredIsAGuessOfTheClass)
{
    driver.figures.erase(Quantity::Depth_m);
    driver.driverClass = "coaxial130";
    place.room = measured({{Quantity::Depth_m, 0.060}});
    EXPECT_EQ(fit().depthMargin_m->worst, Origin::ClassGuess);
    EXPECT_NEAR(fit().depthMargin_m->value, 0.060 - shop.practice.driverClass("coaxial130").depth_m, 1e-12);
    place.room.clear();
    EXPECT_FALSE(fit().depthMargin_m) << "nobody knows what is behind: no margin";
}

TEST_F(Fit, OvalsAndRoundHolesAreToldApart)
{
    EXPECT_EQ(patternOf(driver.figures)->holes.size(), 4U);
    driver.figures = measured({{Quantity::ScrewWidth_m, 0.116}, {Quantity::ScrewHeight_m, 0.084}});
    EXPECT_NEAR(patternOf(driver.figures)->holes.front().u_m, 0.058, 1e-12);
    driver.figures = measured({{Quantity::ScrewCount, 4.0}});
    EXPECT_FALSE(patternOf(driver.figures));
}

// The drawing is to scale: each measure spans what its figure says.
RC_GTEST_PROP(FitSection, MeasuresSpanTheirFigures, ())
{
    const Shop shop = shippedShop();
    const auto drivers = shop.shelf.of(PartKind::Driver);
    const Part& driver = *drivers[static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(drivers.size())))];
    Place place{.underPanel = *rc::gen::arbitrary<bool>()};
    Mount mount;
    if (*rc::gen::arbitrary<bool>()) place.room[Quantity::Depth_m] = Known{*rc::gen::inRange(0, 200) / 1000.0};
    if (*rc::gen::arbitrary<bool>()) place.room[Quantity::DepthGlassUp_m] = Known{*rc::gen::inRange(0, 200) / 1000.0};
    if (*rc::gen::arbitrary<bool>()) place.room[Quantity::FrontClearance_m] = Known{*rc::gen::inRange(0, 60) / 1000.0};
    if (*rc::gen::arbitrary<bool>()) place.room[Quantity::ScrewRoom_m] = Known{*rc::gen::inRange(0, 60) / 1000.0};
    if (*rc::gen::arbitrary<bool>()) mount.figures[Quantity::ScrewLength_m] = Known{0.016};
    Part spacer{.kind = PartKind::Spacer};
    spacer.figures[Quantity::Thickness_m] = Known{*rc::gen::inRange(0, 30) / 1000.0};
    const DriverFit fit = fitOf({driver, place, mount, &spacer, {}}, shop.practice);
    const FitSection section = fitSection(place, mount, fit);
    for (const SectionMeasure& measure : section.measures)
        RC_ASSERT(std::abs((measure.to_m - measure.from_m) - measure.figure.value) < 1e-12);
    for (const SectionPiece& piece : section.pieces) {
        RC_ASSERT(piece.from_m <= piece.to_m + 1e-12);
        RC_ASSERT(piece.inner_m <= piece.outer_m + 1e-12);
        RC_ASSERT(section.front_m <= piece.from_m + 1e-12 && piece.to_m <= section.back_m + 1e-12);
    }
}

TEST(ChooseTurn, KeepsTheFirstWishesAndSaysWhatItGaveUp)
{
    // Holes allow quarters; terminals at 90 (up), badge up at 0: down means half a turn, and the badge lies then.
    const TurnChoice choice = chooseTurn({{0.0, 90.0, -90.0, 180.0}, 90.0, 0.0, {}, {}});
    EXPECT_EQ(choice.turn_deg, 180.0);
    EXPECT_EQ(choice.kept, std::vector{TurnWish::TerminalsDown});
    EXPECT_EQ(choice.givenUp, std::vector{TurnWish::BadgeUpright});
}

TEST(ChooseTurn, TheCableDecidesWhereTheScrewsLeaveIt)
{
    // Free to turn: down is anything within 45 degrees; a cable from the right (0 degrees) pulls it to that side.
    const TurnChoice choice = chooseTurn({{}, 270.0, {}, 0.0, {}});
    EXPECT_TRUE(choice.turn_deg >= 30.0 && choice.turn_deg <= 45.0) << choice.turn_deg;
    EXPECT_TRUE(choice.givenUp.empty());
}

TEST(ChooseTurn, WithNoWishItStaysAsItIs)
{
    EXPECT_EQ(chooseTurn({{}, {}, {}, {}, {}}).turn_deg, 0.0);
    EXPECT_EQ(chooseTurn({{90.0, -30.0, 30.0}, {}, {}, {}, {}}).turn_deg, -30.0);
}

// Walk-round's mirrored place has left and right exchanged as seen from its front; twice is the same again.
TEST(MirroredPlace, HasTheMirroredDirectionsAndAsManyHolesMeet)
{
    Plan plan = tests::demoPlan();
    Place place = plan.places.at({3});
    place.room[Quantity::WireExit_deg] = Known{30.0};
    place.room[Quantity::ScrewCount] = Known{3.0};
    place.room[Quantity::ScrewCircle_m] = Known{0.102};
    place.room[Quantity::ScrewStart_deg] = Known{10.0};
    plan = apply(plan, changePlace(plan, {3}, place)).plan;
    EXPECT_NEAR(plan.places.at({4}).room.at(Quantity::WireExit_deg).value, 150.0, 1e-9);
    EXPECT_TRUE(sideDifferences(resolve(plan, kFound), {3}).empty());
    Part driver = tests::driverPart("three", {{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.102}});
    const Evaluation evaluation = tests::evaluated(tests::withDriver(plan, driver));
    const auto& fits = evaluation.stages.at(tests::withDriver(plan, driver).job.goal)->fits;
    const PatternMatch &left = *fits.at(tests::kLeftSpeaker)->screws, &right = *fits.at(tests::kRightSpeaker)->screws;
    EXPECT_EQ(left.matched, 3);
    EXPECT_EQ(right.matched, 3);
    const double there = fits.at(tests::kRightSpeaker)->turn->turn_deg,
                 here = fits.at(tests::kLeftSpeaker)->turn->turn_deg;
    EXPECT_NEAR(std::remainder(there + here, 60.0), 0.0, 1e-6)
        << "the other way round, but for the pattern's own third";
}

TEST(FitEdits, ReachBothSidesAndGoBack)
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    for (const Edit& edit :
         {fitSpacer(plan, tests::kLeftSpeaker, 0.009), turnDriver(plan, tests::kLeftSpeaker, 30.0),
          fixDriver(plan, tests::kLeftSpeaker, Fixing::Ring), setScrews(plan, tests::kLeftSpeaker, 0.013),
          cutHole(plan, tests::kLeftSpeaker, 0.098), prepareHole(plan, tests::kLeftSpeaker, AlterationKind::Seal)}) {
        const Applied applied = apply(plan, edit);
        EXPECT_TRUE(validate(applied.plan).empty());
        EXPECT_FALSE(applied.plan == plan);
        EXPECT_EQ(apply(applied.plan, applied.inverse).plan, plan);
        const Fitout fitout = resolve(applied.plan, applied.plan.job.goal);
        EXPECT_TRUE(fitout.mounts.size() == 2 || fitout.alterations.size() == 2);
    }
    const Plan screwed = apply(plan, setScrews(plan, tests::kLeftSpeaker, 0.013)).plan;
    EXPECT_EQ(apply(screwed, setScrews(screwed, tests::kLeftSpeaker, 0.0)).plan, plan) << "unknown again";
    const Plan spaced = apply(plan, fitSpacer(plan, tests::kLeftSpeaker, 0.009)).plan;
    EXPECT_EQ(resolve(spaced, spaced.job.goal).mounts.at(tests::kRightSpeaker).spacer,
              resolve(spaced, spaced.job.goal).mounts.at(tests::kLeftSpeaker).spacer);
    const Plan bare = apply(spaced, fitSpacer(spaced, tests::kLeftSpeaker, 0.0)).plan;
    EXPECT_EQ(bare.parts.size(), plan.parts.size()) << "no spacer lies about";
}

// What was judged is what is drawn: with stumps under the flange and the way cut free, the margin ends where the room
// does.
TEST(FitSection, EndsItsMarginsWhereTheRoomDoes)
{
    const Practice practice = shippedShop().practice;
    const Part driver = tests::driverPart("d", {{Quantity::Depth_m, 0.050}, {Quantity::FlangeThickness_m, 0.004}});
    Place place;
    place.room = {
        {Quantity::Depth_m, Known{0.055}}, {Quantity::Obstruction_m, Known{0.012}}, {Quantity::Stump_m, Known{0.003}}};
    const Alteration cut{.what = AlterationKind::CutObstruction};
    const Mount mount;
    const DriverFit fit = fitOf({driver, place, mount, nullptr, {&cut}}, practice);
    EXPECT_NEAR(fit.depthMargin_m->value, 0.055 + 0.012 - (0.050 - 0.003), 1e-12);
    const FitSection section = fitSection(place, mount, fit);
    const auto behind = std::find_if(section.pieces.begin(), section.pieces.end(), [](const SectionPiece& piece) {
        return piece.what == SectionPiece::What::Behind;
    });
    ASSERT_NE(behind, section.pieces.end());
    ASSERT_FALSE(section.measures.empty());
    EXPECT_NEAR(section.measures.front().to_m, behind->from_m, 1e-12);
}

// The sheet that a driver sits on lies behind its flange; the panel it is clamped under lies before it.
TEST(FitSection, ThePanelLiesOnTheSideItIsOn)
{
    const Practice practice = shippedShop().practice;
    const Part driver = tests::driverPart("d", {{Quantity::Depth_m, 0.050}});
    for (const bool under : {false, true}) {
        Place place{.underPanel = under};
        place.room = {{Quantity::Sheet_m, Known{0.004}}, {Quantity::Cutout_m, Known{0.100}}};
        const FitSection section = fitSection(place, {}, fitOf({driver, place, {}, nullptr, {}}, practice));
        const auto panel = std::find_if(section.pieces.begin(), section.pieces.end(), [](const SectionPiece& piece) {
            return piece.what == SectionPiece::What::Panel;
        });
        ASSERT_NE(panel, section.pieces.end());
        EXPECT_NEAR(panel->from_m, under ? -0.004 : 0.0, 1e-12);
        EXPECT_NEAR(panel->to_m, under ? 0.0 : 0.004, 1e-12);
        EXPECT_NEAR(panel->inner_m, 0.050, 1e-12);
    }
}

// Old screws that still hold are used again; a millimetre short, and the shortest sold that holds is bought.
TEST(ScrewChoice, OldOnesServeWhereTheyAreLongEnough)
{
    const Practice practice = shippedShop().practice;
    const Part driver = tests::driverPart("d", {{Quantity::FlangeThickness_m, 0.004}, {Quantity::Depth_m, 0.050}});
    Place place;
    place.room = {{Quantity::Sheet_m, Known{0.002}}};
    const DriverFit fit = fitOf({driver, place, {}, nullptr, {}}, practice);
    const double least_m = screwGrip_m(place, fit) + practice[PracticeKey::ScrewBite_m];
    for (const double more_m : {0.0, 0.0013, -0.001}) {
        Mount found;
        found.figures[Quantity::ScrewLength_m] = Known{least_m + more_m};
        const ScrewChoice screws = screwChoice(place, {}, found, fit, practice);
        ASSERT_TRUE(screws.length_m);
        if (more_m >= 0.0) {
            EXPECT_EQ(screws.tooShort_m, 0.0);
            EXPECT_DOUBLE_EQ(*screws.length_m, least_m + more_m);
        } else {
            EXPECT_NEAR(screws.tooShort_m, 0.001, 1e-12);
            EXPECT_EQ(screws.length_m, neededScrew_m(practice, place, fit));
        }
    }
}

// What nothing changed about is not worked out again: the same fit, not an equal one.
TEST(FitSharing, OnlyTheDriverThatWasTouchedIsNew)
{
    const Practice practice = shippedShop().practice;
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const Evaluation first = evaluateJob(plan, practice);
    Plan moved = plan;
    moved.mounts[{moved.job.goal, tests::kLeftSpeaker}] = Mount{.turn_deg = 90.0};
    const Evaluation second = evaluateJob(moved, practice, first);
    const auto &before = first.stages.at(plan.job.goal)->fits, &after = second.stages.at(plan.job.goal)->fits;
    EXPECT_NE(before.at(tests::kLeftSpeaker), after.at(tests::kLeftSpeaker));
    EXPECT_EQ(before.at(tests::kRightSpeaker), after.at(tests::kRightSpeaker));
    // Another practice is another yardstick for all.
    moved.practice[PracticeKey::DepthMargin_m] = 0.008;
    const Evaluation third = evaluateJob(moved, practice, second);
    const auto& other = third.stages.at(plan.job.goal)->fits;
    EXPECT_NE(other.at(tests::kRightSpeaker), after.at(tests::kRightSpeaker));
    EXPECT_EQ(other.at(tests::kRightSpeaker)->wantedDepth_m, 0.008);
}

}  // namespace
}  // namespace core
