// A spacer to be made: its holes against the closed forms of a circle, its mirror against the other side's own drawing.
#include "core/fit/spacer_outline.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>
#include <numbers>

#include "tests/core/demo_plan.h"

namespace core {
namespace {

const Practice& practice()
{
    static const Practice kPractice = shippedShop().practice;
    return kPractice;
}

Part roundDriver()
{
    return tests::driverPart("round", {{Quantity::Basket_m, 0.142},
                                       {Quantity::Flange_m, 0.165},
                                       {Quantity::FlangeThickness_m, 0.004},
                                       {Quantity::Depth_m, 0.062},
                                       {Quantity::ScrewCount, 4.0},
                                       {Quantity::ScrewCircle_m, 0.156},
                                       {Quantity::ScrewStart_deg, 45.0}});
}

SpacerOutline outlineOf(const Place& place, const Mount& mount = {}, double thickness_m = 0.012)
{
    const Part driver = roundDriver();
    return spacerOutline(place, mount, fitOf({driver, place, mount}, practice()), thickness_m, practice());
}

std::vector<OutlineHole> holesOf(const SpacerOutline& outline, bool pilot)
{
    std::vector<OutlineHole> holes;
    for (const OutlineHole& hole : outline.holes)
        if (hole.pilot == pilot) holes.push_back(hole);
    return holes;
}

TEST(SpacerOutline, ClearsTheBodyAndCarriesTheFlange)
{
    const SpacerOutline outline = outlineOf({});
    EXPECT_DOUBLE_EQ(outline.inside_m, 0.144);  // 1 mm of play each side; common practice, no source
    EXPECT_DOUBLE_EQ(outline.outside_m, 0.165);
    EXPECT_DOUBLE_EQ(outline.thickness_m, 0.012);
}

TEST(SpacerOutline, CoversAnOpeningThatIsWider)
{
    Place place;
    place.room[Quantity::Cutout_m] = Known{0.170};
    EXPECT_GT(outlineOf(place).outside_m, 0.170);
}

// Four on a circle of B from 45 degrees: u, v = +-B/2 / sqrt(2); neighbours are B sin(pi/4) apart.
TEST(SpacerOutline, DriverScrewsStandOnTheirCircle)
{
    const auto holes = holesOf(outlineOf({}), true);
    ASSERT_EQ(holes.size(), 4U);
    for (const OutlineHole& hole : holes) {
        EXPECT_NEAR(std::abs(hole.u_m), 0.078 / std::numbers::sqrt2, 1e-12);
        EXPECT_NEAR(std::abs(hole.v_m), 0.078 / std::numbers::sqrt2, 1e-12);
    }
    EXPECT_NEAR(std::hypot(holes[1].u_m - holes[0].u_m, holes[1].v_m - holes[0].v_m),
                0.156 * std::sin(std::numbers::pi / 4.0), 1e-12);
}

TEST(SpacerOutline, TurnsWithTheDriverAndKeepsTheVehiclesHoles)
{
    Place place;
    place.room[Quantity::ScrewCount] = Known{3.0};
    place.room[Quantity::ScrewCircle_m] = Known{0.158};
    Mount mount;
    mount.turn_deg = 30.0;
    const SpacerOutline straight = outlineOf(place), turned = outlineOf(place, mount);
    EXPECT_EQ(holesOf(straight, false), holesOf(turned, false));
    const OutlineHole first = holesOf(turned, true).front();
    EXPECT_NEAR(std::atan2(first.v_m, first.u_m), 75.0 * std::numbers::pi / 180.0, 1e-12);
    EXPECT_EQ(holesOf(turned, false).size(), 3U);
}

// Both patterns on one circle: one hole goes through, wide enough for the vehicle's screw, and no pilot is left.
TEST(SpacerOutline, OneLongScrewGoesThroughWhereThePatternsMeet)
{
    Place place;
    place.room = {{Quantity::ScrewCount, Known{4.0}},
                  {Quantity::ScrewCircle_m, Known{0.156}},
                  {Quantity::ScrewStart_deg, Known{45.0}},
                  {Quantity::ScrewHole_m, Known{0.0055}}};
    const SpacerOutline outline = outlineOf(place);
    EXPECT_TRUE(outline.oneScrew);
    ASSERT_EQ(outline.holes.size(), 4U);
    for (const OutlineHole& hole : outline.holes) {
        EXPECT_FALSE(hole.pilot);
        EXPECT_EQ(hole.across_m, 0.0055);
    }
    place.room[Quantity::ScrewCircle_m] = Known{0.160};  // 2 mm off each, tolerance 1.5
    EXPECT_FALSE(outlineOf(place).oneScrew);
}

// 2 mm off each other they would break into one slot: the driver turns until two widths of the wider hole, 5.2 mm, lie
// between the edges. Pilot 3.4 and through 5.2 mm on 78 and 80 mm of radius: centres 4.3 + 10.4 mm apart, so
// 14.7^2 = 2^2 + 4 * 78 * 80 sin^2(a/2), a = 10.6 degrees; steps of half a degree.
TEST(SpacerOutline, TurnsThePatternsApartWhereTheyNearlyMeet)
{
    Place place;
    place.room = {{Quantity::ScrewCount, Known{4.0}},
                  {Quantity::ScrewCircle_m, Known{0.160}},
                  {Quantity::ScrewStart_deg, Known{45.0}}};
    const SpacerOutline outline = outlineOf(place);
    const double apart_deg = 2.0 * std::asin(std::sqrt((0.0147 * 0.0147 - 0.002 * 0.002) / (4.0 * 0.078 * 0.080))) *
                             180.0 / std::numbers::pi;
    EXPECT_NEAR(std::abs(outline.turn_deg), std::ceil(2.0 * apart_deg) / 2.0, 1e-9);
    Mount decided;
    decided.turn_deg = 1.0;
    EXPECT_EQ(outlineOf(place, decided).turn_deg, 1.0) << "somebody decided it";
    EXPECT_EQ(mirrored(outline).turn_deg, -outline.turn_deg);
}

// Land: from the hole's edge to the rim, 165/2 - 156/2 - d/2, and to the opening, 156/2 - d/2 - 144/2.
TEST(SpacerOutline, TellsHowLittleIsLeftBesideAHole)
{
    const SpacerOutline outline = outlineOf({});
    const double half_m = 0.5 * outline.holes.front().across_m;
    EXPECT_NEAR(outline.leastLand_m, std::min(0.0825 - 0.078 - half_m, 0.078 - half_m - 0.072), 1e-12);
}

TEST(SpacerOutline, LeavesTheCableAWayWhereItComesFrom)
{
    Place place;
    EXPECT_DOUBLE_EQ(outlineOf(place).wire_deg, 270.0) << "down, where nobody knows";
    EXPECT_GT(outlineOf(place).wire_m, 0.0);
    place.room[Quantity::WireExit_deg] = Known{20.0};
    place.room[Quantity::Stump_m] = Known{0.003};
    EXPECT_DOUBLE_EQ(outlineOf(place).wire_deg, 20.0);
    EXPECT_DOUBLE_EQ(outlineOf(place).relief_m, 0.003);
}

// Twice mirrored is as it was; once mirrored, an angle a has become 180 - a.
RC_GTEST_PROP(SpacerOutlineProperty, MirroredTwiceIsTheSame, ())
{
    Place place;
    place.room[Quantity::ScrewCount] = Known{static_cast<double>(*rc::gen::inRange(2, 9))};
    place.room[Quantity::ScrewCircle_m] = Known{*rc::gen::inRange(60, 320) / 1000.0};
    place.room[Quantity::ScrewStart_deg] = Known{static_cast<double>(*rc::gen::inRange(-180, 181))};
    Mount mount;
    mount.turn_deg = *rc::gen::inRange(-180, 181);
    const SpacerOutline outline = outlineOf(place, mount), other = mirrored(outline), back = mirrored(other);
    RC_ASSERT(back.holes == outline.holes);
    RC_ASSERT(std::abs(back.wire_deg - outline.wire_deg) < 1e-9);
    for (size_t i = 0; i < outline.holes.size(); ++i) {
        const double a = std::atan2(outline.holes[i].v_m, outline.holes[i].u_m);
        const double b = std::atan2(other.holes[i].v_m, other.holes[i].u_m);
        RC_ASSERT(std::abs(std::remainder(a + b - std::numbers::pi, 2.0 * std::numbers::pi)) < 1e-9);
    }
    RC_ASSERT(other.leastLand_m == outline.leastLand_m);
}

}  // namespace
}  // namespace core
