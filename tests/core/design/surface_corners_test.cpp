// A surface shaped by its corners, against geometry.
#include "core/design/surface_corners.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/base/splitmix.h"

namespace core {
namespace {

// 0.5 by 0.3 m, upright.
Surface door()
{
    return {.name = "left door", .corner_m = {0.2, 0.7, 0.6}, .along_m = {-0.5, 0.0, 0.0}, .across_m = {0.0, 0.0, 0.3}};
}

TEST(SurfaceCorners, AreFourInOrder)
{
    const auto corners = cornersOf(door());
    EXPECT_EQ(corners[0], (Vec3{0.2, 0.7, 0.6}));
    EXPECT_NEAR(distance(corners[1], {-0.3, 0.7, 0.6}), 0.0, 1e-12);
    EXPECT_NEAR(distance(corners[2], {-0.3, 0.7, 0.9}), 0.0, 1e-12);
    EXPECT_NEAR(distance(corners[3], {0.2, 0.7, 0.9}), 0.0, 1e-12);
}

// In its plane the corner goes where it is put and the opposite one stays; off it all goes along.
TEST(SurfaceCorners, OneIsMovedAndTheOppositeOneStays)
{
    Splitmix random{11};
    const auto within = [&](double most) { return most * (2.0 * random.uniform() - 1.0); };
    for (int i = 0; i < 200; ++i) {
        Surface surface = door();
        surface.along_m = {-0.4 + within(0.1), 0.3 + within(0.1), 0.0};
        surface.across_m = {0.0, 0.0, (i % 2 ? 1.0 : -1.0) * 0.3};
        const Vec3 along = (1.0 / length(surface.along_m)) * surface.along_m;
        const Vec3 normal = (1.0 / 0.3) * cross(along, surface.across_m);
        const auto before = cornersOf(surface);
        for (size_t corner = 0; corner < 4; ++corner) {
            const double off_m = within(0.1);
            const Vec3 to = before[corner] + within(0.1) * along + Vec3{0.0, 0.0, within(0.1)} + off_m * normal;
            const auto after = cornersOf(withCorner(surface, corner, to));
            EXPECT_NEAR(distance(after[corner], to), 0.0, 1e-12) << corner;
            const size_t opposite = (corner + 2) % 4;
            EXPECT_NEAR(distance(after[opposite], before[opposite] + off_m * normal), 0.0, 1e-12) << corner;
            EXPECT_NEAR(dot(after[1] - after[0], after[3] - after[0]), 0.0, 1e-12) << "it stays a rectangle";
        }
    }
}

TEST(SurfaceCorners, NeverPassTheOppositeOne)
{
    const auto corners = cornersOf(door());
    const Surface least = withCorner(door(), 2, corners[0] + Vec3{0.3, 0.0, -0.3});
    EXPECT_NEAR(length(least.along_m), 0.02, 1e-12);
    EXPECT_NEAR(length(least.across_m), 0.02, 1e-12);
    EXPECT_NEAR(distance(least.corner_m, corners[0]), 0.0, 1e-12);
}

// From the edge that a ruler begins at: down from the top one, back from the front one.
TEST(SurfaceCorners, ASizeIsTypedFromTheEdgeThatIsMeasuredFrom)
{
    for (const bool turned : {false, true}) {
        Surface surface = door();
        if (turned) {  // the corners counted from the other end
            surface.corner_m = {-0.3, 0.7, 0.9};
            surface.along_m = {0.5, 0.0, 0.0};
            surface.across_m = {0.0, 0.0, -0.3};
        }
        const Vec3 at{0.08, 0.7, 0.83};
        for (const EdgeMeasure& from : edgeMeasures(surface, at)) {
            const Surface sized = withSize(surface, from, 0.4);
            const auto now = edgeMeasures(sized, at);
            const size_t same = now[0].edge == from.edge ? 0 : 1;
            EXPECT_EQ(now[same].edge, from.edge);
            EXPECT_NEAR(now[same].from_m, from.from_m, 1e-12) << turned;
            const bool along = std::abs(from.away.x) > 0.5;
            EXPECT_NEAR(length(sized.along_m), along ? 0.4 : 0.5, 1e-12) << turned;
            EXPECT_NEAR(length(sized.across_m), along ? 0.3 : 0.4, 1e-12) << turned;
        }
    }
}

}  // namespace
}  // namespace core
