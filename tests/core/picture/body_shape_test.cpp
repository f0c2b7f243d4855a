// The sketch of a vehicle has its measures, whatever its kind.
#include "core/picture/body_shape.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "core/edits/survey_edits.h"
#include "core/io/shop.h"
#include "core/io/vehicles_file.h"
#include "core/model/names.h"
#include "core/shipped/shipped.h"

namespace core {
namespace {

const UsualVehicles& vehicles()
{
    static const UsualVehicles kVehicles = shippedShop().vehicles;
    return kVehicles;
}

struct Extent {
    double front = -1e9, rear = 1e9, left = -1e9, right = 1e9, top = -1e9, bottom = 1e9;
};

Extent extentOf(const std::vector<ShapeLine>& lines)
{
    Extent extent;
    for (const ShapeLine& line : lines)
        for (const Vec3& point : line.points) {
            extent.front = std::max(extent.front, point.x);
            extent.rear = std::min(extent.rear, point.x);
            extent.left = std::max(extent.left, point.y);
            extent.right = std::min(extent.right, point.y);
            extent.top = std::max(extent.top, point.z);
            extent.bottom = std::min(extent.bottom, point.z);
        }
    return extent;
}

TEST(BodyShape, HasTheMeasuresOfItsBody)
{
    for (const auto& kind : enumNames<BodyKind>()) {
        for (const double stretch : {1.0, 1.2}) {
            Body body = usualBody(kind.value, vehicles());
            body.length_m *= stretch;
            body.width_m *= stretch;
            const BodyShape shape = bodyShape(body, vehicles());
            const Extent above = extentOf(shape.above), side = extentOf(shape.flank);
            EXPECT_LE(above.front, body.frontAxle_m + 1e-9) << kind.text;
            EXPECT_LE(above.left, 0.5 * body.width_m + 1e-9) << kind.text;
            EXPECT_NEAR(above.left, -above.right, 1e-9) << kind.text << ": both sides are alike";
            EXPECT_LE(side.top, bodyHeight_m(body, vehicles()) + 1e-9) << kind.text;
            EXPECT_GE(side.bottom, 0.0) << kind.text;
            if (kind.value == BodyKind::Motorcycle) continue;  // its wheels and bars are its ends
            EXPECT_NEAR(side.front - side.rear, body.length_m, 0.03 * body.length_m) << kind.text;
            EXPECT_NEAR(above.left - above.right, body.width_m, 0.05 * body.width_m) << kind.text;
        }
    }
}

TEST(BodyShape, WheelsStandOnTheGroundAWheelbaseApart)
{
    for (const auto& kind : enumNames<BodyKind>()) {
        const Body body = usualBody(kind.value, vehicles());
        std::vector<Extent> wheels;
        for (const ShapeLine& line : bodyShape(body, vehicles()).flank)
            if (line.kind == ShapeKind::Wheel) wheels.push_back(extentOf({line}));
        if (kind.value == BodyKind::Boat) {
            EXPECT_TRUE(wheels.empty());
            continue;
        }
        ASSERT_EQ(wheels.size(), 2U) << kind.text;
        EXPECT_NEAR(wheels[0].front - wheels[1].front, wheelbase_m(body, vehicles()), 1e-9);
        EXPECT_NEAR(wheels[0].bottom, 0.0, 1e-9);
    }
}

TEST(UsualVehicles, SpotsAndSeatsLieInsideTheBody)
{
    for (const auto& kind : enumNames<BodyKind>()) {
        const Body body = usualBody(kind.value, vehicles());
        const auto inside = [&](const Vec3& point, const std::string& name) {
            EXPECT_LE(std::abs(point.y), 0.5 * body.width_m) << kind.text << " " << name;
            EXPECT_LE(point.x, body.frontAxle_m) << kind.text << " " << name;
            EXPECT_GE(point.x, body.frontAxle_m - body.length_m) << kind.text << " " << name;
        };
        for (const UsualSpot& spot : usualSpots(body, vehicles())) {
            inside(spot.frame.at_m, spot.name);
            EXPECT_LE(spot.frame.at_m.z, bodyHeight_m(body, vehicles()) + 0.3) << spot.name;
            EXPECT_NEAR(length(spot.frame.facing), 1.0, 0.01) << spot.name;
        }
        for (const auto& [seat, head_m] : usualSeats(body, vehicles())) inside(head_m, "seat");
    }
}

TEST(UsualVehicles, AWiderBodyHasItsSpotsFartherOut)
{
    Body body = usualBody(BodyKind::Van, vehicles());
    const double out_m = usualSpots(body, vehicles()).front().frame.at_m.y;
    body.width_m *= 1.1;
    EXPECT_NEAR(usualSpots(body, vehicles()).front().frame.at_m.y, 1.1 * out_m, 1e-9);
}

TEST(UsualVehicles, APointIsNamedByTheNearestSpot)
{
    const Body body = usualBody(BodyKind::Estate, vehicles());
    for (const UsualSpot& spot : usualSpots(body, vehicles())) {
        Vec3 point = spot.frame.at_m;
        point.y = -point.y;  // on the other side
        point.x += 0.01;
        EXPECT_EQ(nearestSpot(body, vehicles(), point, false).name, spot.name);
    }
}

TEST(InVehicle, IsFromTheGroundToTheRoof)
{
    const Body body = newPlan(BodyKind::Estate, vehicles()).body;
    const double roof_m = bodyHeight_m(body, vehicles());
    const auto at = [&](double z_m) { return isInVehicle(body, vehicles(), {-1.0, 0.0, z_m}); };
    EXPECT_TRUE(at(0.0));
    EXPECT_TRUE(at(0.05));
    EXPECT_FALSE(at(-0.001));
    EXPECT_TRUE(at(roof_m));
    EXPECT_FALSE(at(roof_m + 0.001));
    const auto across = [&](double y_m) { return isInVehicle(body, vehicles(), {-1.0, y_m, 0.5}); };
    for (const double side : {-1.0, 1.0}) {
        EXPECT_TRUE(across(side * 0.5 * body.width_m));
        EXPECT_FALSE(across(side * (0.5 * body.width_m + 0.001)));
    }
    const auto along = [&](double x_m) { return isInVehicle(body, vehicles(), {x_m, 0.0, 0.5}); };
    EXPECT_TRUE(along(body.frontAxle_m));
    EXPECT_FALSE(along(body.frontAxle_m + 0.001));
    EXPECT_TRUE(along(body.frontAxle_m - body.length_m));
    EXPECT_FALSE(along(body.frontAxle_m - body.length_m - 0.001));
}

struct VehicleRow {
    const char* from;
    const char* to;
    const char* where;
};
class BrokenVehicles : public testing::TestWithParam<VehicleRow> {};

TEST_P(BrokenVehicles, SayWhere)
{
    std::string text(shippedVehiclesText());
    const size_t at = text.find(GetParam().from);
    ASSERT_NE(at, std::string::npos) << GetParam().from;
    text.replace(at, std::string(GetParam().from).size(), GetParam().to);
    const auto read = readVehicles(text, "v.json");
    ASSERT_FALSE(read);
    EXPECT_EQ(read.error().where, GetParam().where);
    EXPECT_EQ(read.error().file, "v.json");
}
INSTANTIATE_TEST_SUITE_P(
    Each, BrokenVehicles,
    testing::Values(VehicleRow{"{", "", "/"}, VehicleRow{"reed-vehicles", "cake", "/format"},
                    VehicleRow{"\"version\": 1", "\"version\": \"1\"", "/format"},
                    VehicleRow{"\"hatchback\"", "\"hutchback\"", "/vehicles/hatchback"},
                    VehicleRow{"\"length_m\": 4.1", "\"length_m\": 0", "/vehicles/hatchback/length_m"},
                    VehicleRow{"\"wheelbase_m\": 2.56", "\"wheelbase_m\": \"x\"", "/vehicles/hatchback/wheelbase_m"},
                    VehicleRow{"\"source_m\": [", "\"source_m\": [7, ", "/vehicles/hatchback/source_m"},
                    VehicleRow{"\"driver\": [", "\"pilot\": [", "/vehicles/hatchback/seats/pilot"},
                    VehicleRow{"\"kind\": \"door\"", "\"kind\": 5", "/vehicles/hatchback/spots/front door/kind"},
                    VehicleRow{"\"at_m\": [", "\"at_m\": [\"x\", ", "/vehicles/hatchback/spots/front door"},
                    VehicleRow{"\"spots\": {", "\"spats\": {", "/vehicles/hatchback/spots"}));

}  // namespace
}  // namespace core
