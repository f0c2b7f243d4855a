// The hole of a driver as a ruler finds it, against geometry.
#include "core/design/hole_outline.h"

#include <gtest/gtest.h>

#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/edits/named_edits.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

// A door card 500 by 300 mm whose front edge is at x = 0.2 and whose upper one at z = 0.9, on either side.
Surface doorAt(double y)
{
    return {.name = "door", .corner_m = {0.2, y, 0.6}, .along_m = {-0.5, 0.0, 0.0}, .across_m = {0.0, 0.0, 0.3}};
}

TEST(HoleOutline, IsMeasuredFromRealEdges)
{
    for (const double y : {0.7, -0.7}) {
        const HoleOutline hole = holeOn(doorAt(y), {0.2 - 0.12, y, 0.9 - 0.07});
        EXPECT_EQ(hole.across.edge, FromEdge::Front);
        EXPECT_NEAR(hole.across.from_m, 0.12, 1e-12);
        EXPECT_EQ(hole.down.edge, FromEdge::Top);
        EXPECT_NEAR(hole.down.from_m, 0.07, 1e-12);
        EXPECT_EQ(hole.left, y > 0.0);
        EXPECT_EQ(hole.fromLeft, y < 0.0) << "seen from the seats a left door's front is at the right";
        EXPECT_NEAR(hole.wide_m, 0.5, 1e-12);
        EXPECT_NEAR(hole.high_m, 0.3, 1e-12);
        const Vec3 moved = movedTo({0.08, y, 0.83}, hole.across, 0.2);
        EXPECT_NEAR(moved.x, 0.0, 1e-12);
        EXPECT_NEAR(holeOn(doorAt(y), moved).across.from_m, 0.2, 1e-12);
    }
    // The corners counted from the other end: the measures are the same.
    Surface turned = doorAt(0.7);
    turned.corner_m = {-0.3, 0.7, 0.9};
    turned.along_m = {0.5, 0.0, 0.0};
    turned.across_m = {0.0, 0.0, -0.3};
    const HoleOutline same = holeOn(turned, {0.08, 0.7, 0.83});
    EXPECT_NEAR(same.across.from_m, 0.12, 1e-12);
    EXPECT_NEAR(same.down.from_m, 0.07, 1e-12);
    // A level dash: back from its front edge, in from its outer one.
    const Surface dash{.name = "dash", .corner_m = {-0.6, 0.6, 1.0}, .along_m = {-0.2, 0.0, 0.0}, .across_m = {0.0, -0.3, 0.0}};
    const HoleOutline level = holeOn(dash, {-0.65, 0.5, 1.0});
    EXPECT_EQ(level.down.edge, FromEdge::Front);
    EXPECT_NEAR(level.down.from_m, 0.05, 1e-12);
    EXPECT_EQ(level.across.edge, FromEdge::Outer);
    EXPECT_NEAR(level.across.from_m, 0.1, 1e-12);
    EXPECT_TRUE(level.fromLeft) << "the left end of a dash is its outer one";
}

// The body's hole with its 2 mm, by the next saw that its screws leave room for; the other side is the mirror image.
TEST(HoleOutline, IsTheBodysOnBothSides)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const StageResult& stage = tests::goalOf(evaluation, job.plan);
    const auto mounts = usualMounts(job.plan.body, tests::shop().vehicles, evaluation.practice);
    const auto left = holeOutline(stage, job.sail, mounts, tests::shop().practice);
    const auto right = holeOutline(stage, acrossFrom(stage.used, job.sail), mounts, tests::shop().practice);
    ASSERT_TRUE(left && right);
    EXPECT_EQ(left->surface, "left sail");
    EXPECT_EQ(right->surface, "right sail");
    EXPECT_GE(left->hole_m, left->body_m + 0.001 - 1e-9);
    EXPECT_LT(left->hole_m, left->flange_m);
    EXPECT_NEAR(left->across.from_m, right->across.from_m, 1e-12);
    EXPECT_NEAR(left->down.from_m, right->down.from_m, 1e-12);
    EXPECT_NE(left->fromLeft, right->fromLeft);
    EXPECT_EQ(left->worst, Origin::ClassGuess) << "nobody measured the sail";
    const Plan away = tests::after(job.plan, placeDriver(job.plan, job.sail, {{-1.0, 0.1, 1.2}, {-1.0, 0.0, 0.0}}));
    const Evaluation hangs = tests::evaluated(away);
    EXPECT_FALSE(holeOutline(tests::goalOf(hangs, away), job.sail, mounts, tests::shop().practice)) << "it hangs in the air";
}

// Against the ruler: what stays to the edge, what is behind, what an old opening shows.
TEST(HoleOutline, TellsWhatIsLeftAndWhatShows)
{
    tests::SetInDoors job = tests::setInDoors();
    const auto outlineOf = [&](const Plan& plan) {
        const Evaluation evaluation = tests::evaluated(plan);
        const auto mounts = usualMounts(plan.body, tests::shop().vehicles, evaluation.practice);
        return *holeOutline(tests::goalOf(evaluation, plan), job.sail, mounts, evaluation.practice);
    };
    const HoleOutline usual = outlineOf(job.plan);
    EXPECT_NEAR(usual.toEdge_m, 0.05 - 0.5 * usual.hole_m, 1e-9) << "in the middle of 100 mm";
    EXPECT_FALSE(usual.isWrong());
    EXPECT_FALSE(usual.behind_m);
    EXPECT_FALSE(usual.gap_m);
    Place& place = job.plan.places.at(tests::placeNamed(job.plan, "left sail"));
    place.room[Quantity::Depth_m] = {0.031, {Origin::Measured}};
    place.room[Quantity::Cutout_m] = {usual.flange_m + 0.006, {Origin::Measured}};
    const HoleOutline measured = outlineOf(job.plan);
    EXPECT_EQ(measured.behind_m, 0.031);
    EXPECT_GT(measured.needed_m, 0.0);
    EXPECT_NEAR(measured.gap_m.value(), 0.003, 1e-12);
    EXPECT_TRUE(measured.isWrong()) << "it shows";
    place.room.erase(Quantity::Cutout_m);
    for (const double step_m : {-1e-6, 0.0}) {
        job.plan.places.at(tests::placeNamed(job.plan, "left sail")).room[Quantity::Depth_m].value =
            measured.needed_m + step_m;
        EXPECT_EQ(outlineOf(job.plan).isWrong(), step_m < 0.0) << "exactly enough is enough";
    }
    for (const double step_m : {-1e-6, 1e-6}) {
        Plan plan = job.plan;
        plan.practice[PracticeKey::EdgeLeft_m] = usual.toEdge_m + step_m;
        EXPECT_EQ(outlineOf(plan).mayCrack, step_m > 0.0);
        EXPECT_EQ(outlineOf(plan).isWrong(), step_m > 0.0);
    }
}

}  // namespace
}  // namespace core
