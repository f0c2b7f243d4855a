// Where drivers stand and look: each rule on both sides of its limit, against geometry.
#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/evaluate/aim_report.h"
#include "core/judgement/judge.h"
#include "core/limits/aim_limits.h"
#include "core/model/aim.h"
#include "core/physics/air.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

std::vector<Finding> findingsOf(const Plan& plan, RuleId rule)
{
    std::vector<Finding> found = judge(plan, tests::evaluated(plan));
    std::erase_if(found, [&](const Finding& one) { return one.rule != rule; });
    return found;
}

// A rule that fires over a limit of practice fires a step over the figure that it found, and not a step under it.
void turnsAtItsLimit(Plan plan, RuleId rule, PracticeKey limit, Quantity what)
{
    plan.practice[limit] = shippedShop().practice.entries.at(limit).least;
    const auto found = findingsOf(plan, rule);
    ASSERT_FALSE(found.empty()) << code(rule);
    ASSERT_EQ(found.front().evidence.front().what.what, what);
    const double figure = std::abs(found.front().evidence.front().figure.value);
    for (const double step : {0.999, 1.001}) {
        plan.practice[limit] = figure * step;
        const auto now = findingsOf(plan, rule);
        const bool said = std::any_of(now.begin(), now.end(), [&](const Finding& one) {
            return one.where == found.front().where && one.evidence.front().what.what == what &&
                   one.evidence.front().limitFrom == limit;
        });
        EXPECT_EQ(said, step < 1.0) << code(rule) << " " << figure;
    }
}

TEST(AimRules, TurnAtTheirLimits)
{
    const tests::SetInDoors job = tests::setInDoors();
    // Looking at the roof, in front of the wheel: everything is wrong with it.
    const Frame wrong = aimed({-0.9, 0.3, 1.0}, {20.0, 70.0});
    const Plan plan = after(job.plan, placeDriver(job.plan, job.sail, wrong));
    turnsAtItsLimit(plan, RuleId::OffAxis, PracticeKey::OffAxisCare_db, Quantity::OffAxis_db);
    turnsAtItsLimit(job.plan, RuleId::CombNotch, PracticeKey::NotchCare_db, Quantity::Notch_db);
    turnsAtItsLimit(plan, RuleId::InTheWay, PracticeKey::InTheWayCare_db, Quantity::Shadow_db);
    turnsAtItsLimit(job.plan, RuleId::SidesApart, PracticeKey::SidesApartCare_s, Quantity::SidesApart_s);
    turnsAtItsLimit(job.plan, RuleId::ImagePulled, PracticeKey::ImagePulledCare_ratio, Quantity::ImageShift);
}

// Source: geometry. The right tweeter of a saloon is further from the driver by what their straight ways differ.
TEST(AimRules, SidesAreApartByTheirWays)
{
    const tests::SetInDoors job = tests::setInDoors();
    const auto found = findingsOf(job.plan, RuleId::SidesApart);
    ASSERT_EQ(found.size(), 1U);
    const Vec3 head = job.plan.listeners.begin()->second.head_m;
    const Vec3 left = job.plan.places.at(tests::placeNamed(job.plan, "left sail")).frame.at_m;
    const double later_s = (distance({left.x, -left.y, left.z}, head) - distance(left, head)) / kSoundSpeed_m_s;
    EXPECT_NEAR(figureOf(found.front(), Quantity::SidesApart_s), later_s, 1e-12);
    EXPECT_EQ(found.front().severity, Severity::Care);
    const auto turned = std::find_if(found.front().mends.begin(), found.front().mends.end(),
                                     [](const Mend& mend) { return mend.name == MendName::TurnToEars; });
    ASSERT_NE(turned, found.front().mends.end());
    const Plan now = after(job.plan, std::get<Edit>(turned->act));
    const Fitout fitout = resolve(now, now.job.goal);
    const Frame frame = *frameOf(fitout, job.sail);
    const Vec3 far = head - Vec3{0.0, 0.0875, 0.0};
    EXPECT_NEAR(angleBetween_rad(frame.facing, far - frame.at_m), 0.0, 1e-9);
    EXPECT_EQ(*frameOf(fitout, aimTwin(fitout, job.sail)), mirrored(frame)) << "both are turned";
}

// Source: half a wave of 2500 Hz is 343.2 m/s / 5000 = 68.6 mm (speed of sound at 20 degrees).
TEST(AimRules, WaysApartAreHeldAgainstHalfAWave)
{
    const double half_m = kSoundSpeed_m_s / 5000.0;
    EXPECT_NEAR(half_m, 0.0686, 1e-4);
    EXPECT_FALSE(waysApartLimit(half_m, 2500.0, Origin::Stated));
    EXPECT_FALSE(waysApartLimit(-half_m, 2500.0, Origin::Stated));
    for (const double longer_m : {half_m + 1e-6, -half_m - 1e-6}) {
        const auto verdict = waysApartLimit(longer_m, 2500.0, Origin::Stated);
        ASSERT_TRUE(verdict);
        EXPECT_EQ(verdict->severity, Severity::Care);
        EXPECT_DOUBLE_EQ(verdict->figure.value, longer_m);
    }
    // A tweeter that is put next to its head while the woofer stays in the door.
    const tests::SetInDoors job = tests::setInDoors();
    const Vec3 head = job.plan.listeners.begin()->second.head_m;
    const Plan near = after(job.plan, placeDriver(job.plan, job.sail, aimedAt(head + Vec3{0.25, 0.2, 0.0}, head)));
    const auto found = findingsOf(near, RuleId::WaysApart);
    ASSERT_FALSE(found.empty());
    const double door_m = distance(near.places.at(tests::placeNamed(near, "left front door")).frame.at_m, head);
    EXPECT_NEAR(found.front().evidence.front().figure.value, std::hypot(0.25, 0.2) - door_m, 1e-9);
}

// AIM6: no distance is enough, what was there before is the maker's own, and one record opens it.
TEST(AimRules, ARestraintsPathIsClosedUntilItIsCleared)
{
    const tests::SetInDoors job = tests::setInDoors();
    EXPECT_TRUE(findingsOf(job.plan, RuleId::RestraintPath).empty());
    const auto mounts = usualMounts(job.plan.body, tests::shop().vehicles, tests::shop().practice);
    const auto pillar = std::find_if(mounts.begin(), mounts.end(), [](const auto& one) {
        return one.second.name == "left pillar";
    });
    const Vec3 middle = middleOf(pillar->second);
    const Vec3 head = job.plan.listeners.begin()->second.head_m;
    const Plan plan = after(job.plan, putDriverOn(job.plan, job.sail, aimedAt(middle, head), pillar->second));
    const auto found = findingsOf(plan, RuleId::RestraintPath);
    ASSERT_EQ(found.size(), 1U);
    EXPECT_EQ(found.front().severity, Severity::Stop);
    EXPECT_FALSE(found.front().couldBe);
    EXPECT_EQ(found.front().where.size(), 2U) << "both sides";
    const Plan back = after(plan, std::get<Edit>(found.front().mends.front().act));
    EXPECT_EQ(found.front().mends.front().name, MendName::PutBack);
    EXPECT_TRUE(findingsOf(back, RuleId::RestraintPath).empty());
    EXPECT_EQ(*frameOf(resolve(back, back.job.goal), job.sail), *frameOf(resolve(job.plan, kFound), job.sail));
    EXPECT_TRUE(findingsOf(after(plan, clearZone(plan, RestraintZone::Pillar, true)), RuleId::RestraintPath).empty());
    EXPECT_FALSE(findingsOf(after(plan, clearZone(plan, RestraintZone::DashBag, true)), RuleId::RestraintPath).empty());
    // A pillar that had one from the factory may have another one.
    Plan made = tests::withSpots(BodyKind::Saloon, {"front door", "pillar"});
    made = after(made, fitPart(made, tests::driverAt(made, "left pillar"), *tests::shop().shelf.find("tw-clover-4")));
    EXPECT_NE(made.job.goal, kFound);
    EXPECT_TRUE(findingsOf(made, RuleId::RestraintPath).empty());
}

// AIM7. Source: geometry, drawn: a body 40 mm across and 20 deep in a flange of 52, turned by 30 degrees with the low
// edge of the flange in the face, reaches 20 cos 30 - 6 sin 30 = 14.32 mm behind it.
TEST(AimRules, ACupNeedsItsRoom)
{
    EXPECT_NEAR(cupRoom_m({0.020, 0.040, 0.052}, std::numbers::pi / 6.0), 0.0143205, 1e-7);
    EXPECT_NEAR(cupRoom_m({0.020, 0.040, 0.052}, 0.0), 0.020, 1e-12);
    EXPECT_EQ(cupRoom_m({0.020, 0.040, 0.052}, 0.5 * std::numbers::pi), 0.0);

    const tests::SetInDoors job = tests::setInDoors();
    Plan plan = after(job.plan, setMountStyle(job.plan, job.sail, MountStyle::Cup));
    EXPECT_TRUE(findingsOf(plan, RuleId::NoRoomForCup).empty()) << "nobody measured";
    const PlaceId sail = tests::placeNamed(plan, "left sail");
    const auto with = [&](double room_m) {
        for (const PlaceId one : {sail, plan.places.at(sail).pair})
            plan.places.at(one).room[Quantity::Depth_m] = {room_m, {Origin::Measured}};
        return findingsOf(plan, RuleId::NoRoomForCup);
    };
    const auto found = with(0.001);
    ASSERT_FALSE(found.empty());
    const double needed_m = found.front().evidence.front().figure.value;
    EXPECT_TRUE(with(needed_m).empty());
    EXPECT_FALSE(with(needed_m - 1e-5).empty());
    EXPECT_TRUE(findingsOf(plan, RuleId::DepthAndSpacer).empty()) << "a cup's room is judged as such";
    const Plan pod = after(plan, setMountStyle(plan, job.sail, MountStyle::Pod));
    EXPECT_TRUE(findingsOf(pod, RuleId::DepthAndSpacer).empty()) << "a pod stands upon it";
    EXPECT_TRUE(findingsOf(pod, RuleId::NoRoomForCup).empty());
    const Plan flush = after(plan, std::get<Edit>(found.front().mends.front().act));
    EXPECT_TRUE(findingsOf(flush, RuleId::NoRoomForCup).empty());
    EXPECT_FALSE(findingsOf(flush, RuleId::DepthAndSpacer).empty());
}

// AIM8: 10 mm or 5 degrees.
TEST(AimRules, BothSidesAreAlike)
{
    const tests::SetInDoors job = tests::setInDoors();
    const Plan freed = after(job.plan, freeAim(job.plan, job.sail));
    EXPECT_TRUE(findingsOf(freed, RuleId::NotMirrored).empty());
    const Frame frame = *frameOf(resolve(freed, freed.job.goal), job.sail);
    const auto with = [&](double away_m, double turned_deg) {
        Frame moved = frame;
        moved.at_m.z += away_m;
        Aim aim = aimOf(frame);
        aim.up_deg += turned_deg;
        moved = aimed(moved.at_m, aim);
        return after(freed, placeDriver(freed, job.sail, moved));
    };
    EXPECT_TRUE(findingsOf(with(0.0099, 4.99), RuleId::NotMirrored).empty());
    const auto byAngle = findingsOf(with(0.0, 5.01), RuleId::NotMirrored);
    ASSERT_EQ(byAngle.size(), 1U);
    EXPECT_NEAR(figureOf(byAngle.front(), Quantity::MirrorTurned_deg), 5.01, 1e-6);
    const Plan moved = with(0.0101, 0.0);
    const auto found = findingsOf(moved, RuleId::NotMirrored);
    ASSERT_EQ(found.size(), 1U);
    EXPECT_NEAR(figureOf(found.front(), Quantity::MirrorApart_m), 0.0101, 1e-9);
    const Plan mended = after(moved, std::get<Edit>(found.front().mends.front().act));
    EXPECT_TRUE(findingsOf(mended, RuleId::NotMirrored).empty());
    const Plan again = after(mended, placeDriver(mended, job.sail, aimed({-0.8, 0.6, 1.1}, {10.0, 0.0})));
    EXPECT_TRUE(findingsOf(again, RuleId::NotMirrored).empty()) << "the other side follows again";
}

}  // namespace
}  // namespace core
