// Drivers put somewhere else and turned, against geometry.
#include "core/edits/aim_edits.h"

#include <gtest/gtest.h>

#include <numbers>

#include "core/base/splitmix.h"
#include "core/design/mount_surfaces.h"
#include "core/edits/vehicle_sheet.h"
#include "core/fitout/closed_zones.h"
#include "core/fitout/sides.h"
#include "core/model/aim.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

// Straight back is 0 degrees in, straight at the other side 90; a sail that faces (-0.722, -0.692, 0) from the left
// looks atan(0.692 / 0.722) = 43.8 degrees in.
TEST(AimAngles, AreAsAFitterSaysThem)
{
    EXPECT_NEAR(aimOf({{-0.75, 0.68, 1.09}, {-0.722, -0.692, 0.0}}).in_deg, 43.785, 1e-3);
    EXPECT_NEAR(aimOf({{-0.75, -0.68, 1.09}, {-0.722, 0.692, 0.0}}).in_deg, 43.785, 1e-3);
    EXPECT_NEAR(aimOf({{0.0, 0.5, 1.0}, {0.0, -1.0, 0.0}}).in_deg, 90.0, 1e-9);
    EXPECT_NEAR(aimOf({{0.0, 0.5, 1.0}, {-1.0, 0.0, 1.0}}).up_deg, 45.0, 1e-9);
    EXPECT_EQ(aimOf({{0.0, 0.5, 1.0}, {0.0, 0.0, 1.0}}), (Aim{0.0, 90.0}));
}

TEST(AimAngles, LeadBackToTheDirection)
{
    Splitmix random{7};
    const auto within = [&](double most) { return most * (2.0 * random.uniform() - 1.0); };
    for (int i = 0; i < 200; ++i) {
        const Vec3 at{within(2.0), within(0.8), within(1.0)};
        const Aim aim{within(179.0), within(89.0)};
        const Frame frame = aimed(at, aim);
        EXPECT_NEAR(length(frame.facing), 1.0, 1e-12);
        EXPECT_NEAR(aimOf(frame).in_deg, aim.in_deg, 1e-9);
        EXPECT_NEAR(aimOf(frame).up_deg, aim.up_deg, 1e-9);
        if (at.y == 0.0) continue;
        EXPECT_NEAR(aimOf(mirrored(frame)).in_deg, aim.in_deg, 1e-9) << "alike on the other side";
    }
}

TEST(AimEdits, OneMovesBothUntilTheyAreFreed)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Frame there = aimed({-0.8, 0.6, 1.0}, {30.0, 10.0});
    const DeviceId right = acrossFrom(resolve(job.plan, job.plan.job.goal), job.sail);
    for (const DeviceId device : {job.sail, right}) {
        const Plan plan = after(job.plan, placeDriver(job.plan, device, device == right ? mirrored(there) : there));
        const Fitout fitout = resolve(plan, plan.job.goal);
        EXPECT_EQ(*frameOf(fitout, job.sail), there);
        EXPECT_EQ(*frameOf(fitout, right), mirrored(there));
        EXPECT_EQ(*frameOf(resolve(plan, kFound), job.sail), *frameOf(resolve(job.plan, kFound), job.sail));
    }
    const Plan freed = after(job.plan, freeAim(job.plan, job.sail));
    const Plan one = after(freed, placeDriver(freed, job.sail, there));
    const Fitout fitout = resolve(one, one.job.goal);
    EXPECT_EQ(*frameOf(fitout, right), *frameOf(resolve(job.plan, job.plan.job.goal), right)) << "stays";
    EXPECT_FALSE(aimTwin(fitout, job.sail));
    EXPECT_EQ(acrossFrom(fitout, job.sail), right);
    const Plan alike = after(one, mirrorAim(one, job.sail));
    EXPECT_EQ(*frameOf(resolve(alike, alike.job.goal), right), mirrored(there));
}

// On another surface it has a place of its own, since hole and depth are others; what is there keeps its own.
TEST(AimEdits, AnotherSurfaceIsAnotherPlace)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto mounts = usualMounts(job.plan.body, tests::shop().vehicles, tests::shop().practice);
    const auto named = [&](const std::string& name) {
        return std::find_if(mounts.begin(), mounts.end(), [&](const auto& one) { return one.second.name == name; })
            ->second;
    };
    const Surface kick = named("left kick panel"), door = named("left front door"), sail = named("left sail");
    const Vec3 head = job.plan.listeners.begin()->second.head_m;
    const Frame low = aimedAt(middleOf(kick), head);
    const Plan plan = after(job.plan, putDriverOn(job.plan, job.sail, low, kick));
    const Fitout fitout = resolve(plan, plan.job.goal);
    const Place& place = *placeOf(fitout, job.sail);
    EXPECT_EQ(place.name, "left kick panel");
    EXPECT_EQ(place.kind, PlaceKind::KickPanel);
    EXPECT_EQ(placeOf(fitout, acrossFrom(fitout, job.sail))->name, "right kick panel");
    EXPECT_EQ(*frameOf(fitout, job.sail), low);
    EXPECT_EQ(placeOf(resolve(plan, kFound), job.sail)->name, "left sail") << "found as it was";
    // Onto the door, which the woofer has: a place beside it.
    const Plan high = after(job.plan, putDriverOn(job.plan, job.sail, aimedAt(middleOf(door), head), door));
    EXPECT_EQ(placeOf(resolve(high, high.job.goal), job.sail)->name, "left front door 2");
    EXPECT_EQ(placeOf(resolve(high, high.job.goal), job.door)->name, "left front door");
    // And back onto the sail, where its own place still is.
    const Plan back = after(plan, putDriverOn(plan, job.sail, aimedAt(middleOf(sail), head), sail));
    EXPECT_EQ(placeOf(resolve(back, back.job.goal), job.sail)->name, "left sail");
    EXPECT_EQ(back.places, job.plan.places) << "nothing is left at the other spot";
    // On the same sail a little further it stays at its place.
    const Plan beside = after(job.plan, putDriverOn(job.plan, job.sail, aimedAt(middleOf(sail), head), sail));
    EXPECT_EQ(beside.places.size(), job.plan.places.size());
    // Spots that are tried one after the other leave nothing behind; what somebody measured stays.
    Plan tried = job.plan;
    for (int i = 0; i < 3; ++i)
        for (const Surface& one : {kick, door, sail})
            tried = after(tried, putDriverOn(tried, job.sail, aimedAt(middleOf(one), head), one));
    EXPECT_EQ(tried.places, job.plan.places);
    Plan measured = plan;
    measured.places.at(tests::placeNamed(plan, "left kick panel")).room[Quantity::Depth_m] = {0.04};
    const Plan left = after(measured, putDriverOn(measured, job.sail, aimedAt(middleOf(sail), head), sail));
    EXPECT_EQ(left.places.size(), plan.places.size());
    // The other side's place is none for this side, however near the middle it lies.
    const Surface dash{.name = "left dash", .mountable = true, .kind = PlaceKind::DashTop};
    Plan near = after(job.plan, putDriverOn(job.plan, job.sail, {{-0.6, 0.1, 1.0}, {-1.0, 0.0, 0.0}}, dash));
    near = after(near, freeAim(near, job.sail));
    near = after(near, putDriverOn(near, job.sail, aimedAt(middleOf(kick), head), kick));
    near = after(near, putDriverOn(near, job.sail, {{-0.6, 0.1, 1.0}, {-1.0, 0.0, 0.0}}, dash));
    EXPECT_GT(placeOf(resolve(near, near.job.goal), job.sail)->frame.at_m.y, 0.0);
    const Plan undone = after(plan, putBack(plan, job.sail));
    EXPECT_EQ(undone.places, job.plan.places);
    EXPECT_EQ(placeOf(resolve(undone, undone.job.goal), job.sail)->name, "left sail");
}

// The first step of a drag makes the stage that is planned; the others are of the same step all the same.
TEST(AimEdits, ADragFromNothingPlannedIsOneStep)
{
    const Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    ASSERT_EQ(plan.job.goal, kFound);
    const DeviceId sail = tests::driverAt(plan, "left sail");
    const Frame one = aimed({-0.8, 0.6, 1.0}, {30.0, 10.0}), other = aimed({-0.9, 0.6, 1.0}, {30.0, 10.0});
    Edit drag = placeDriver(plan, sail, one);
    const Plan first = apply(plan, drag).plan;
    const Edit later = placeDriver(first, sail, other);
    ASSERT_TRUE(mergeInto(drag, later));
    const Applied both = apply(plan, drag);
    EXPECT_EQ(both.plan, apply(first, later).plan);
    EXPECT_EQ(apply(both.plan, both.inverse).plan, plan);
    // Not what the first step says nothing of.
    Edit turned = placeDriver(first, sail, other);
    EXPECT_FALSE(mergeInto(turned, placeDriver(first, tests::driverAt(first, "left front door"), one)));
}

TEST(AimEdits, AChangedSurfaceTakesTheOthersAlong)
{
    const Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    const auto mounts = usualMounts(plan.body, tests::shop().vehicles, tests::shop().practice);
    const auto sail = std::find_if(mounts.begin(), mounts.end(),
                                   [](const auto& one) { return one.second.name == "left sail"; });
    Surface wider = sail->second;
    wider.along_m = 1.3 * wider.along_m;
    wider.basis = {Origin::Measured};
    const Plan changed = after(plan, changeSurface(plan, mounts, sail->first, wider));
    ASSERT_EQ(changed.surfaces.size(), mounts.size());
    const auto now = mountsOf(resolve(changed, kFound), tests::shop().vehicles, tests::shop().practice);
    std::map<std::string, Surface> named;
    for (const auto& [id, one] : now) named[one.name] = one;
    EXPECT_EQ(named.at("left sail"), wider);
    EXPECT_NEAR(length(named.at("right sail").along_m), length(wider.along_m), 1e-12);
    EXPECT_NEAR(named.at("right sail").corner_m.y, -wider.corner_m.y, 1e-12);
    EXPECT_EQ(named.at("left pillar").basis.origin, Origin::ClassGuess);
    // Its mirrors stay those that the kind of vehicle has.
    EXPECT_EQ(tests::evaluated(changed).stages.at(kFound)->cabin.panels,
              tests::evaluated(plan).stages.at(kFound)->cabin.panels);
    const Plan sheet = planFromSheet(vehicleSheet(after(changed, clearZone(changed, RestraintZone::Pillar, true))));
    EXPECT_EQ(sheet.surfaces.size(), mounts.size());
    EXPECT_TRUE(sheet.surfaces.begin()->second.basis.toConfirm);
    EXPECT_TRUE(sheet.body.cleared.empty()) << "read anew for every vehicle";
}

// common practice, no source: pillars, the dash before the passenger, the edge of the roof; the dials are no restraint.
TEST(ClosedZones, AreWhereBagsUnfoldAndTheRoadIsSeen)
{
    const Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    Fitout fitout = resolve(plan, kFound);
    const Practice& practice = tests::shop().practice;
    const double driver_m = driverY_m(fitout);
    EXPECT_DOUBLE_EQ(driver_m, plan.listeners.begin()->second.head_m.y);
    EXPECT_EQ(closedAt(fitout, PlaceKind::Pillar, {-1.0, 0.6, 1.2}, practice), Closed{RestraintZone::Pillar});
    const double bag_m = practice[PracticeKey::BagHalf_m], sight_m = practice[PracticeKey::SightHalf_m];
    const auto dash = [&](double y) { return closedAt(fitout, PlaceKind::DashTop, {-0.7, y, 1.0}, practice); };
    EXPECT_EQ(dash(-driver_m + bag_m - 0.001), Closed{RestraintZone::DashBag});
    EXPECT_FALSE(dash(-driver_m - bag_m - 0.001));
    EXPECT_EQ(dash(driver_m + sight_m - 0.001), Closed{InSight{}});
    EXPECT_FALSE(dash(driver_m + sight_m + 0.001));
    EXPECT_TRUE(pairClosedAt(fitout, PlaceKind::DashTop, {-0.7, driver_m + bag_m - 0.001, 1.0}, practice))
        << "its twin would be before the bag";
    const double edge_m = 0.5 * fitout.body.width_m - practice[PracticeKey::BagRoof_m];
    EXPECT_EQ(closedAt(fitout, PlaceKind::Overhead, {-1.0, edge_m + 0.001, 1.4}, practice),
              Closed{RestraintZone::RoofEdge});
    EXPECT_FALSE(closedAt(fitout, PlaceKind::Overhead, {-1.0, edge_m - 0.001, 1.4}, practice));
    EXPECT_FALSE(closedAt(fitout, PlaceKind::Door, {-1.0, 0.7, 0.6}, practice));
    fitout.body.cleared = {RestraintZone::Pillar};
    EXPECT_FALSE(closedAt(fitout, PlaceKind::Pillar, {-1.0, 0.6, 1.2}, practice));
    EXPECT_EQ(restraintAt(fitout, PlaceKind::Pillar, {-1.0, 0.6, 1.2}, practice), RestraintZone::Pillar);
    fitout.body.kind = BodyKind::Motorcycle;
    EXPECT_FALSE(restraintAt(fitout, PlaceKind::Pillar, {-1.0, 0.6, 1.2}, practice));
    fitout.listeners.clear();
    fitout.body.wheelOnLeft = false;
    EXPECT_DOUBLE_EQ(driverY_m(fitout), -0.2 * fitout.body.width_m);
}

}  // namespace
}  // namespace core
