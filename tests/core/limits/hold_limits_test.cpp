// What holds a driver, against m a g and the figures of practice.
#include "core/limits/hold_limits.h"

#include <gtest/gtest.h>

#include <numbers>

#include "core/model/names.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

constexpr double kGravity = 9.81;  // m/s2

DriverFit weighing(double mass_kg, int screws = 0)
{
    DriverFit fit;
    fit.body[Quantity::Mass_kg] = {mass_kg, {Origin::Measured}};
    fit.screwCount = screws;
    return fit;
}

Practice inUse(Use use)
{
    Practice practice = tests::shop().practice;
    practice.entries.at(PracticeKey::Shock_ratio).value = practice.uses.at(std::string(textOf(use))).shock_ratio;
    return practice;
}

const HeldBy& by(const std::vector<HeldBy>& ways, Fixing fixing)
{
    return *std::find_if(ways.begin(), ways.end(), [&](const HeldBy& way) { return way.fixing == fixing; });
}

const Body kCar{.kind = BodyKind::Saloon};

// common practice, no source: 150 g in the shade, 50 g in the sun, half where it hangs, less where it shakes more.
TEST(HoldLimits, GlueBearsLessInTheSunUnderARoofAndWhereItShakes)
{
    const Practice calm = inUse(Use::FamilyCar);
    Place place{.kind = PlaceKind::Sail, .frame = {{-0.7, 0.6, 1.0}, {-1.0, 0.0, 0.0}}};
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, calm).mass_kg, 0.150);
    place.frame.facing = {0.0, 0.0, 1.0};
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, calm).mass_kg, 0.150) << "it lies on its glue";
    place.frame.facing = {-std::sqrt(1.0 - 0.51 * 0.51), 0.0, -0.51};
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, calm).mass_kg, 0.075);
    place.frame.facing = {-std::sqrt(1.0 - 0.49 * 0.49), 0.0, -0.49};
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, calm).mass_kg, 0.150);
    place.kind = PlaceKind::DashTop;
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, calm).mass_kg, 0.050);
    EXPECT_EQ(adhesiveMost(kCar, place, calm).key, PracticeKey::AdhesiveSunStop_kg);
    const Practice shaken = inUse(Use::WindAndHelmet);  // 10 times the fall's acceleration, a family car 5
    EXPECT_DOUBLE_EQ(adhesiveMost(kCar, place, shaken).mass_kg, 0.025);
    Mount glued{.fixing = Fixing::Adhesive};
    EXPECT_FALSE(adhesiveLimit(kCar, place, glued, weighing(0.025), shaken));
    const auto over = adhesiveLimit(kCar, place, glued, weighing(0.026), shaken);
    ASSERT_TRUE(over);
    EXPECT_EQ(over->severity, Severity::Stop);
    EXPECT_DOUBLE_EQ(*over->limit, 0.025);
    glued.fixing = Fixing::Clip;
    EXPECT_FALSE(adhesiveLimit(kCar, place, glued, weighing(0.3), shaken));
}

// Newton: m a g on as many fixings as there are.
TEST(HoldLimits, WhatComesOffAgainIsFirstAsFarAsItHolds)
{
    const Practice practice = inUse(Use::FamilyCar);
    Place place{.kind = PlaceKind::Sail, .frame = {{-0.7, 0.6, 1.0}, {-1.0, 0.0, 0.0}}};
    const auto light = waysToHold(kCar, place, weighing(0.03), practice);
    ASSERT_EQ(light.size(), 4U) << "nobody knows what screws would bite in";
    EXPECT_NEAR(by(light, Fixing::Ring).asked, 0.03 * 5.0 * kGravity / 3.0, 1e-12) << "three holes at least";
    EXPECT_NEAR(by(light, Fixing::Clip).margin_ratio(), 0.1 / 0.03, 1e-12);
    EXPECT_NEAR(by(light, Fixing::Adhesive).margin_ratio(), 5.0, 1e-12);
    EXPECT_EQ(light.back().fixing, Fixing::Adhesive) << "it holds, and it leaves a trace";
    // 60 g: a clip bears 1.7 times that, less than the two times that are wanted: it comes after glue, which bears 2.5.
    const auto heavier = waysToHold(kCar, place, weighing(0.06), practice);
    EXPECT_EQ(heavier.back().fixing, Fixing::Clip);
    EXPECT_EQ(heavier[2].fixing, Fixing::Adhesive);
    const auto atMargin = waysToHold(kCar, place, weighing(0.05), practice);
    EXPECT_EQ(atMargin.back().fixing, Fixing::Adhesive) << "exactly two times is enough";
    place.anchor = Anchor::Plastic;
    DriverFit screwed = weighing(0.4, 4);
    screwed.fixing_n = Computed{0.4 * 5.0 * kGravity / 4.0, Origin::Measured, {}};
    screwed.screws = PatternMatch{.matched = 4};
    const auto screws = waysToHold(kCar, place, screwed, practice);
    EXPECT_NEAR(by(screws, Fixing::Screws).margin_ratio(), 100.0 / (0.4 * 5.0 * kGravity / 4.0), 1e-12);
    EXPECT_TRUE(by(screws, Fixing::Screws).comesOff) << "in the holes that are there";
    screwed.screws = PatternMatch{.matched = 0};
    EXPECT_FALSE(by(waysToHold(kCar, place, screwed, practice), Fixing::Screws).comesOff);
}

}  // namespace
}  // namespace core
