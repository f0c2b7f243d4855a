// What a driver can be put on, in every kind of vehicle. Sizes: common practice, no source; the rest is geometry.
#include "core/design/mount_surfaces.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/design/spots.h"
#include "core/fitout/backing.h"
#include "core/model/names.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

std::vector<Surface> surfacesOf(BodyKind kind)
{
    std::vector<Surface> all;
    for (const auto& [id, one] : usualMounts(usualBody(kind, tests::shop().vehicles), tests::shop().vehicles,
                                             tests::shop().practice)) all.push_back(one);
    return all;
}

bool isClosed(BodyKind kind, const Surface& one)
{
    const Fitout fitout{.body = usualBody(kind, tests::shop().vehicles)};
    return pairClosedAt(fitout, one.kind, middleOf(one), tests::shop().practice).has_value();
}

class MountSurfaces : public testing::TestWithParam<EnumName<BodyKind>> {};

// At least two that are open, all inside the vehicle, flat rectangles that face where a driver there faces, alike on
// both sides.
TEST_P(MountSurfaces, AreThereInEveryKind)
{
    const BodyKind kind = GetParam().value;
    const Body body = usualBody(kind, tests::shop().vehicles);
    const std::vector<Surface> all = surfacesOf(kind);
    const auto open = std::count_if(all.begin(), all.end(), [&](const Surface& one) { return !isClosed(kind, one); });
    EXPECT_GE(open, 2);
    for (const Surface& one : all) {
        const Surface& surface = one;
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
        const auto at = std::find_if(all.begin(), all.end(), [&](const Surface& one) {
            return distance(middleOf(one), spot.frame.at_m) < 1e-9;
        });
        if (at == all.end()) {
            EXPECT_TRUE(spot.kind == PlaceKind::UnderSeat || spot.kind == PlaceKind::OwnBox) << spot.name;
            continue;
        }
        EXPECT_EQ(at->kind, spot.kind);
        const Vec3 normal = cross(at->along_m, at->across_m);
        EXPECT_NEAR(std::abs(dot(normal, spot.frame.facing)), length(normal) * length(spot.frame.facing), 1e-9)
            << spot.name;
        if (spot.frame.at_m.y == 0.0) continue;
        const Vec3 other = mirrored(spot.frame).at_m;
        const auto twin = std::find_if(all.begin(), all.end(), [&](const Surface& one) {
            return distance(middleOf(one), other) < 1e-9;
        });
        ASSERT_NE(twin, all.end()) << spot.name;
        EXPECT_NEAR(length(twin->along_m), length(at->along_m), 1e-12);
        EXPECT_NEAR(length(twin->across_m), length(at->across_m), 1e-12);
        EXPECT_EQ(twin->name.substr(twin->name.find(' ')), at->name.substr(at->name.find(' ')));
        EXPECT_NE(twin->name, at->name);
    }
}

INSTANTIATE_TEST_SUITE_P(Kinds, MountSurfaces,
                         testing::ValuesIn(enumNames<BodyKind>().begin(), enumNames<BodyKind>().end()),
                         [](const auto& one) { return std::string(one.param.text); });

const Surface& named(const std::vector<Surface>& all, const std::string& name)
{
    return *std::find_if(all.begin(), all.end(), [&](const Surface& one) { return one.name == name; });
}

// A dash corner is 140 mm along the vehicle and 200 across; a door 500 along and 300 up; a pillar stands closed.
TEST(MountSurfacesOfASaloon, HaveTheSizesOfPractice)
{
    const std::vector<Surface> all = surfacesOf(BodyKind::Saloon);
    const Surface& dash = named(all, "left dash top");
    EXPECT_NEAR(length(dash.along_m), 0.14, 1e-12);
    EXPECT_GT(std::abs(dash.along_m.x), 0.13);
    EXPECT_NEAR(length(dash.across_m), 0.2, 1e-12);
    const Surface& door = named(all, "right front door");
    EXPECT_NEAR(std::abs(door.along_m.x), 0.5, 1e-9);
    EXPECT_NEAR(length(door.across_m), 0.3, 1e-12);
    EXPECT_EQ(door.backing, Backing::Metal);
    EXPECT_EQ(named(all, "left sail").backing, Backing::Plastic);
    for (const Surface& one : all) EXPECT_EQ(one.basis.origin, Origin::ClassGuess);
    EXPECT_TRUE(isClosed(BodyKind::Saloon, named(all, "left pillar")));
    EXPECT_FALSE(isClosed(BodyKind::Saloon, named(all, "left sail")));
    for (const Surface& one : surfacesOf(BodyKind::Motorcycle)) EXPECT_FALSE(isClosed(BodyKind::Motorcycle, one));
}

// What a hole is cut into: what the vehicle's own surface there says, what its screws bite in, else as usual.
TEST(Backing, IsTheSurfacesTheAnchorsOrTheUsualOne)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    Place door = plan.places.at(tests::placeNamed(plan, "left front door"));
    const auto backing = [&] { return backingAt(resolve(plan, kFound), door); };
    EXPECT_EQ(backing(), Backing::Metal);
    door.anchor = Anchor::Plastic;
    EXPECT_EQ(backing(), Backing::Plastic);
    for (const Anchor metal : {Anchor::Metal, Anchor::CaptiveNut, Anchor::Rivet}) {
        Place sail{.kind = PlaceKind::Sail, .anchor = metal};
        EXPECT_EQ(backingAt(resolve(plan, kFound), sail), Backing::Metal);
    }
    const Vec3 at = door.frame.at_m;
    Surface cloth{.corner_m = at + Vec3{0.1, 0.0, -0.1}, .along_m = {-0.2, 0.0, 0.0}, .across_m = {0.0, 0.0, 0.2},
                  .mountable = true, .kind = PlaceKind::Sail, .backing = Backing::Cloth};
    const SurfaceId id = drawId<SurfaceId>(plan);
    plan.surfaces[id] = cloth;
    EXPECT_EQ(backing(), Backing::Plastic) << "it is of another kind of place";
    plan.surfaces[id].kind = PlaceKind::Door;
    EXPECT_EQ(backing(), Backing::Cloth);
    plan.surfaces[id].mountable = false;
    EXPECT_EQ(backing(), Backing::Plastic);
    EXPECT_FALSE(usualBacking(PlaceKind::OwnBox));
}

// As files had them before surfaces had kinds: a pillar is a pillar all the same, and closed.
TEST(MountSurfacesOfASaloon, OfNoKindAreOfTheNearestOnes)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    const auto usual = usualMounts(plan.body, tests::shop().vehicles, tests::shop().practice);
    for (const auto& [id, surface] : usual) {
        Surface old = surface;
        old.kind = PlaceKind::Hidden;
        old.corner_m.x += 0.03;
        plan.surfaces[id] = old;
    }
    const auto now = mountsOf(resolve(plan, kFound), tests::shop().vehicles, tests::shop().practice);
    ASSERT_EQ(now.size(), usual.size());
    for (const auto& [id, surface] : now) EXPECT_EQ(surface.kind, usual.at(id).kind) << surface.name;
    plan.surfaces.begin()->second.kind = PlaceKind::BagLid;
    EXPECT_EQ(mountsOf(resolve(plan, kFound), tests::shop().vehicles, tests::shop().practice).begin()->second.kind,
              PlaceKind::BagLid)
        << "what is said counts";
}

// The map over them finds spots on several, and on none of them a grid four times as fine finds anything that is
// better by half a point.
TEST(MountSurfacesOfASaloon, AreMapped)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Evaluation evaluation = tests::evaluated(job.plan);
    const StageResult& stage = tests::goalOf(evaluation, job.plan);
    SpotTask task{.device = job.sail, .count = 2000, .surfaces = usualMounts(job.plan.body, tests::shop().vehicles, tests::shop().practice)};
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
    ASSERT_TRUE(fine);
    const auto bestOf = [](const SpotMap& of) {
        std::map<SurfaceId, double> best;
        for (const Spot& spot : of.spots) {
            const auto at = best.try_emplace(spot.surface, spot.points).first;
            at->second = std::max(at->second, spot.points);
        }
        return best;
    };
    const auto coarse = bestOf(*map), brute = bestOf(*fine);
    EXPECT_EQ(coarse.size(), brute.size());
    for (const auto& [surface, points] : brute)
        EXPECT_GE(coarse.at(surface), points - 0.5) << task.surfaces.at(surface).name;
}

}  // namespace
}  // namespace core
