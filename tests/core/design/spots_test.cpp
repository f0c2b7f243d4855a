// The map of spots: against geometry, and against the whole plan evaluated with the driver put there.
#include "core/design/spots.h"

#include <gtest/gtest.h>

#include <numbers>

#include "core/edits/aim_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/physics/air.h"
#include "core/physics/directivity.h"
#include "core/physics/interaural.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

constexpr ListenerId kDriver{5}, kPassenger{6};

// A board across the vehicle, ahead of two heads at its height, with nothing else that mirrors.
struct Board {
    Plan plan = tests::demoPlan();
    Practice practice = shippedShop().practice;
    Evaluation evaluation{};

    explicit Board(BodyKind kind = BodyKind::Motorcycle)
    {
        plan.body.kind = kind;
        plan.listeners.at(kDriver).head_m = {-1.0, 0.4, 1.1};
        plan.listeners.at(kPassenger).head_m = {-1.0, -0.4, 1.1};
        plan.surfaces[SurfaceId{90}] = {.material = SurfaceMaterial::SoftDash,
                                        .name = "board",
                                        .corner_m = {0.0, -0.7, 0.9},
                                        .along_m = {0.0, 1.4, 0.0},
                                        .across_m = {0.0, 0.0, 0.2},
                                        .mountable = true};
    }
    const StageResult& stage()
    {
        evaluation = tests::evaluated(plan);
        return *evaluation.stages.at(plan.job.goal);
    }
    SpotTask on(SpotTask task) const
    {
        for (const auto& [id, surface] : plan.surfaces)
            if (surface.mountable) task.surfaces[id] = surface;
        return task;
    }
    SpotMap map(const SpotTask& task) { return *mapSpots(stage(), practice, on(task)); }
};

TEST(Spots, CoverTheDriversSideOfTheBoardEvenly)
{
    Board board;
    const SpotMap left = board.map({.device = tests::kLeftSpeaker, .count = 400});
    EXPECT_NEAR(static_cast<double>(left.spots.size()), 400.0, 40.0);
    for (const Spot& spot : left.spots) {
        EXPECT_EQ(spot.surface, SurfaceId{90});
        EXPECT_GE(spot.frame.at_m.y, 0.0);
        EXPECT_LE(spot.frame.at_m.y, 0.7);
        EXPECT_LT(spot.frame.at_m.x, 0.0);  // a little towards the heads
    }
}

// Source: geometry; F2 for the image, F3 for the loss off the axis.
TEST(Spots, FaultsAreThoseOfTheGeometry)
{
    Board board;
    const double radius_m =
        std::sqrt(findRunOfDevice(board.stage(), tests::kLeftSpeaker)->driver.sd_m2 / std::numbers::pi);
    const SpotMap map = board.map({.device = tests::kLeftSpeaker, .seats = {kDriver}, .count = 60});
    const Vec3 head = board.plan.listeners.at(kDriver).head_m;
    for (const Spot& spot : map.spots) {
        const Vec3 own = spot.frame.at_m, twin{own.x, -own.y, own.z};
        const double later_s = (distance(twin, head) - distance(own, head)) / kSoundSpeed_m_s;
        EXPECT_GE(spot.faults.image + 1e-9, std::min(1.0, std::abs(later_s) / 1e-3));  // the nearer is louder too
        const double cosine = dot(own - head, twin - head) / (distance(own, head) * distance(twin, head));
        EXPECT_NEAR(spot.faults.width_deg, std::acos(std::min(1.0, cosine)) * 180.0 / std::numbers::pi, 1e-4);
        EXPECT_NEAR(length(spot.frame.facing), 1.0, 1e-12);
        // Mean over both ears of this side and of the other, which looks the mirrored way, past this head.
        double lost_db = 0.0;
        for (const Frame& side : {spot.frame, mirrored(spot.frame)})
            for (const double ear : {kHeadRadius_m, -kHeadRadius_m}) {
                const Vec3 way = head + Vec3{0.0, ear, 0.0} - side.at_m;
                const double off = std::acos(dot(way, side.facing) / length(way));
                const double d = std::abs(pistonDirectivity(pistonArgument(radius_m, off, 8000.0)));
                lost_db += 0.25 * std::min(40.0, -20.0 * std::log10(d));
            }
        EXPECT_NEAR(spot.faults.offAxis_db, lost_db, 1e-6);
        EXPECT_NEAR(spot.faults.height_deg,
                    std::abs(std::atan2(own.z - head.z, std::hypot(own.x - head.x, own.y - head.y))) * 180.0 /
                        std::numbers::pi,
                    1e-9);
        EXPECT_EQ(spot.faults.shadow_db, 0.0);
    }
}

// What the map says of a spot is what the plan says with the pair put there.
TEST(Spots, AgreeWithThePlanPutThere)
{
    Board board(BodyKind::Estate);
    const SpotMap map = board.map({.device = tests::kLeftSpeaker, .seats = {kDriver}, .count = 30});
    const Spot spot = map.best(1).front();
    const Applied moved = apply(board.plan, placeDriver(board.plan, tests::kLeftSpeaker, spot.frame));
    const Evaluation after = tests::evaluated(moved.plan);
    const StageResult& stage = *after.stages.at(moved.plan.job.goal);
    EXPECT_NEAR(std::abs(*stage.hearing.at(kDriver).image), spot.faults.image, 0.15);  // its mean is over 250 Hz-4 kHz
    const SpotMap there =
        *mapSpots(stage, board.practice, {.device = tests::kLeftSpeaker, .seats = {kDriver}, .count = 1});
    EXPECT_NEAR(there.now->points, spot.points, 1e-9);
    EXPECT_EQ(apply(moved.plan, moved.inverse).plan, board.plan);
}

TEST(Spots, TheOtherSideIsTheMirrorImage)
{
    Board board;
    const SpotMap left = board.map({.device = tests::kLeftSpeaker, .count = 50});
    const SpotMap right = board.map({.device = tests::kRightSpeaker, .count = 50});
    ASSERT_EQ(left.spots.size(), right.spots.size());
    const Spot best = left.best(1).front(), other = right.best(1).front();
    EXPECT_NEAR(best.points, other.points, 1e-9);
    EXPECT_NEAR(best.frame.at_m.y, -other.frame.at_m.y, 1e-9);
}

TEST(Spots, PointsAreTheWeightsLessTheFaults)
{
    Board board;
    const SpotMap map = board.map({.device = tests::kLeftSpeaker, .count = 100});
    EXPECT_DOUBLE_EQ(map.weights.sum(), map.weights.offAxis + map.weights.evenness + map.weights.image +
                                            map.weights.width + map.weights.height + map.weights.shadow);
    for (const Spot& spot : map.spots) {
        EXPECT_GE(spot.points, 0.0);
        EXPECT_LE(spot.points, map.weights.sum());
    }
    const std::vector<Spot> best = map.best(3, 0.15);
    for (size_t i = 1; i < best.size(); ++i) {
        EXPECT_GE(best[i - 1].points, best[i].points);
        EXPECT_GE(distance(best[i - 1].frame.at_m, best[i].frame.at_m), 0.15);
    }
    // A shop that only asks for width gets the edge of the board.
    for (const PracticeKey key : {PracticeKey::SpotOffAxis_points, PracticeKey::SpotEvenness_points,
                                  PracticeKey::SpotImage_points, PracticeKey::SpotHeight_points,
                                  PracticeKey::SpotShadow_points})
        board.practice.entries.at(key).value = 0.0;
    board.practice.entries.at(PracticeKey::SpotWidthEnough_deg).value = 180.0;
    const SpotMap wide = board.map({.device = tests::kLeftSpeaker, .count = 100});
    EXPECT_GT(wide.best(1).front().frame.at_m.y, 0.6);
}

TEST(Spots, AnEdgeInBetweenCastsItsShadow)
{
    Board board;
    board.plan.surfaces[SurfaceId{91}] = {.material = SurfaceMaterial::HardTrim,
                                          .name = "hood over the board",
                                          .corner_m = {-0.3, -0.7, 0.95},
                                          .along_m = {0.0, 1.4, 0.0},
                                          .across_m = {0.0, 0.0, 0.4},
                                          .blocks = true};
    const SpotMap map = board.map({.device = tests::kLeftSpeaker, .count = 20});
    for (const Spot& spot : map.spots) EXPECT_GT(spot.faults.shadow_db, 5.0);
}

TEST(Spots, StopAndTellHowFarTheyAre)
{
    Board board;
    std::stop_source source;
    double told = 0.0;
    const auto stopAtHalf = [&](double share) {
        EXPECT_GE(share, told);
        told = share;
        if (share > 0.5) source.request_stop();
    };
    const SpotTask task{.device = tests::kLeftSpeaker, .count = 500};
    EXPECT_FALSE(mapSpots(board.stage(), board.practice, board.on(task), source.get_token(), stopAtHalf));
    EXPECT_GT(told, 0.5);
    EXPECT_LT(told, 0.9);
}

TEST(Spots, NothingMountableIsAnEmptyMap)
{
    Board board;
    board.plan.surfaces.at(SurfaceId{90}).mountable = false;
    const SpotMap map = board.map({.device = tests::kLeftSpeaker});
    EXPECT_TRUE(map.spots.empty());
    EXPECT_TRUE(map.now);
}

}  // namespace
}  // namespace core
