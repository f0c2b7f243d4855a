#include "core/model/usual_vehicle.h"

#include <algorithm>
#include <cmath>

namespace core {
namespace {

Vec3 stretched(const Vec3& point_m, const Body& body, const UsualVehicles& vehicles)
{
    const UsualVehicle& usual = vehicles.at(body.kind);
    return {point_m.x * wheelbase_m(body, vehicles) / usual.wheelbase_m, point_m.y * body.width_m / usual.width_m,
            point_m.z * bodyHeight_m(body, vehicles) / usual.height_m};
}

}  // namespace

Body usualBody(BodyKind kind, const UsualVehicles& vehicles)
{
    const UsualVehicle& usual = vehicles.at(kind);
    Body body;
    body.kind = kind;
    body.length_m = usual.length_m;
    body.width_m = usual.width_m;
    body.frontAxle_m = usual.frontOverhang_m;
    return body;
}

double bodyHeight_m(const Body& body, const UsualVehicles& vehicles)
{
    return valueOf(body.cabin, Quantity::BodyHeight_m).value_or(vehicles.at(body.kind).height_m);
}

bool isInVehicle(const Body& body, const UsualVehicles& vehicles, const Vec3& point_m)
{
    return point_m.x <= body.frontAxle_m && point_m.x >= body.frontAxle_m - body.length_m &&
           std::abs(point_m.y) <= 0.5 * body.width_m && point_m.z >= 0.0 && point_m.z <= bodyHeight_m(body, vehicles);
}

double wheelbase_m(const Body& body, const UsualVehicles& vehicles)
{
    return valueOf(body.cabin, Quantity::Wheelbase_m).value_or(vehicles.at(body.kind).wheelbase_m);
}

int seatRows(const Body& body)
{
    return body.kind == BodyKind::Pickup && body.cab == Cab::Single ? 1 : 2;
}

std::vector<UsualSpot> usualSpots(const Body& body, const UsualVehicles& vehicles)
{
    std::vector<UsualSpot> spots;
    for (UsualSpot spot : vehicles.at(body.kind).spots) {
        const bool rearDoor = spot.row > 1 && spot.kind == PlaceKind::Door;
        if (spot.row > seatRows(body) || (rearDoor && body.kind == BodyKind::Pickup && body.cab == Cab::Extended))
            continue;
        spot.frame.at_m = stretched(spot.frame.at_m, body, vehicles);
        spots.push_back(spot);
    }
    return spots;
}

std::map<Seat, Vec3> usualSeats(const Body& body, const UsualVehicles& vehicles)
{
    std::map<Seat, Vec3> seats;
    for (const auto& [seat, head_m] : vehicles.at(body.kind).seats) {
        const bool front = seat == Seat::Driver || seat == Seat::FrontPassenger;
        if (!front && seatRows(body) < 2) continue;
        Vec3 at_m = stretched(head_m, body, vehicles);
        if (front && !body.wheelOnLeft) at_m.y = -at_m.y;
        seats[seat] = at_m;
    }
    return seats;
}

Vec3 usualSource_m(const Body& body, const UsualVehicles& vehicles)
{
    Vec3 at_m = stretched(vehicles.at(body.kind).source_m, body, vehicles);
    if (!body.wheelOnLeft) at_m.y = -at_m.y;
    return at_m;
}

UsualSpot nearestSpot(const Body& body, const UsualVehicles& vehicles, const Vec3& point_m, bool above)
{
    const std::vector<UsualSpot> spots = usualSpots(body, vehicles);
    const auto away = [&](const UsualSpot& spot) {
        const Vec3& at_m = spot.frame.at_m;
        return std::hypot(at_m.x - point_m.x, std::abs(at_m.y) - std::abs(point_m.y), above ? 0.0 : at_m.z - point_m.z);
    };
    return *std::min_element(spots.begin(), spots.end(),
                             [&](const UsualSpot& a, const UsualSpot& b) { return away(a) < away(b); });
}

}  // namespace core
