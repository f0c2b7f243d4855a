// What a driver can be put on, in every kind of vehicle. Sizes: common practice, no source; the rest is geometry.
#include "core/design/mount_surfaces.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/spots.h"
#include "core/model/names.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

std::vector<MountSurface> surfacesOf(BodyKind kind)
{
    return mountSurfaces(usualBody(kind, tests::shop().vehicles), tests::shop().vehicles, tests::shop().practice);
}

Vec3 middleOf(const Surface& one)
{
    return one.corner_m + 0.5 * one.along_m + 0.5 * one.across_m;
}

class MountSurfaces : public testing::TestWithParam<EnumName<BodyKind>> {};

// At least two that are open, all inside the vehicle, flat rectangles that face where a driver there faces, alike on
// both sides.
TEST_P(MountSurfaces, AreThereInEveryKind)
{
    const BodyKind kind = GetParam().value;
    const Body body = usualBody(kind, tests::shop().vehicles);
    const std::vector<MountSurface> all = surfacesOf(kind);
    EXPECT_GE(openSurfaces(all).size(), 2U);
    for (const MountSurface& one : all) {
        const Surface& surface = one.surface;
        EXPECT_TRUE(surface.mountable) << one.name;
        EXPECT_TRUE(isInVehicle(body, tests::shop().vehicles, middleOf(surface))) << one.name;
        EXPECT_NEAR(dot(surface.along_m, surface.across_m), 0.0, 1e-12) << one.name;
        const Vec3 normal = cross(surface.along_m, surface.across_m);
        if (std::abs(normal.z) > 0.9 * length(normal))
            EXPECT_NEAR(surface.along_m.y, 0.0, 1e-9) << one.name << ": along the vehicle";
        else
            EXPECT_NEAR(surface.along_m.z, 0.0, 1e-12) << one.name << ": its first edge is level";
    }
    for (const UsualSpot& spot : usualSpots(body, tests::shop().vehicles)) {
        const auto at = std::find_if(all.begin(), all.end(), [&](const MountSurface& one) {
            return distance(middleOf(one.surface), spot.frame.at_m) < 1e-9;
        });
        if (at == all.end()) {
            EXPECT_TRUE(spot.kind == PlaceKind::UnderSeat || spot.kind == PlaceKind::OwnBox) << spot.name;
            continue;
        }
        EXPECT_EQ(at->kind, spot.kind);
        const Vec3 normal = cross(at->surface.along_m, at->surface.across_m);
        EXPECT_NEAR(std::abs(dot(normal, spot.frame.facing)), length(normal) * length(spot.frame.facing), 1e-9)
            << spot.name;
        if (spot.frame.at_m.y == 0.0) continue;
        const Vec3 other = mirrored(spot.frame).at_m;
        const auto twin = std::find_if(all.begin(), all.end(), [&](const MountSurface& one) {
            return distance(middleOf(one.surface), other) < 1e-9;
        });
        ASSERT_NE(twin, all.end()) << spot.name;
        EXPECT_NEAR(length(twin->surface.along_m), length(at->surface.along_m), 1e-12);
        EXPECT_NEAR(length(twin->surface.across_m), length(at->surface.across_m), 1e-12);
        EXPECT_EQ(twin->name.substr(twin->name.find(' ')), at->name.substr(at->name.find(' ')));
        EXPECT_NE(twin->name, at->name);
    }
}

INSTANTIATE_TEST_SUITE_P(Kinds, MountSurfaces,
                         testing::ValuesIn(enumNames<BodyKind>().begin(), enumNames<BodyKind>().end()),
                         [](const auto& one) { return std::string(one.param.text); });

const MountSurface& named(const std::vector<MountSurface>& all, const std::string& name)
{
    return *std::find_if(all.begin(), all.end(), [&](const MountSurface& one) { return one.name == name; });
}

// A dash corner is 140 mm along the vehicle and 200 across; a door 500 along and 300 up; a pillar stands closed.
TEST(MountSurfacesOfASaloon, HaveTheSizesOfPractice)
{
    const std::vector<MountSurface> all = surfacesOf(BodyKind::Saloon);
    const Surface& dash = named(all, "left dash top").surface;
    EXPECT_NEAR(length(dash.along_m), 0.14, 1e-12);
    EXPECT_GT(std::abs(dash.along_m.x), 0.13);
    EXPECT_NEAR(length(dash.across_m), 0.2, 1e-12);
    const MountSurface& door = named(all, "right front door");
    EXPECT_NEAR(std::abs(door.surface.along_m.x), 0.5, 1e-9);
    EXPECT_NEAR(length(door.surface.across_m), 0.3, 1e-12);
    EXPECT_EQ(door.backing, Backing::Metal);
    EXPECT_EQ(named(all, "left sail").backing, Backing::Plastic);
    for (const MountSurface& one : all) EXPECT_EQ(one.closed, one.kind == PlaceKind::Pillar) << one.name;
    const auto open = openSurfaces(all);
    EXPECT_TRUE(std::none_of(open.begin(), open.end(),
                             [](const auto& one) { return one.second.name.find("pillar") != std::string::npos; }));
    const std::vector<MountSurface> bike = surfacesOf(BodyKind::Motorcycle);
    EXPECT_TRUE(std::none_of(bike.begin(), bike.end(), [](const MountSurface& one) { return one.closed; }));
}

// The map over them finds spots on several, and a grid four times as fine finds nothing that is better by half a point.
TEST(MountSurfacesOfASaloon, AreMapped)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const StageResult& stage = tests::goalOf(evaluation, job.plan);
    SpotTask task{.device = job.sail, .count = 2000, .surfaces = openSurfaces(surfacesOf(BodyKind::Saloon))};
    const auto map = mapSpots(stage, evaluation.practice, task);
    ASSERT_TRUE(map);
    std::set<SurfaceId> used;
    for (const Spot& spot : map->spots) {
        used.insert(spot.surface);
        EXPECT_TRUE(task.surfaces.contains(spot.surface));
        EXPECT_GE(spot.frame.at_m.y, 0.0) << "its own side";
    }
    EXPECT_GE(used.size(), 5U);
    task.count = 8000;
    const auto fine = mapSpots(stage, evaluation.practice, task);
    EXPECT_GE(map->best(1).front().points, fine->best(1).front().points - 0.5);
}

}  // namespace
}  // namespace core
