#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/model/vehicle.h"

namespace core {

// Where a vehicle of one kind usually has a driver. With y above 0 it is the left one of a pair.
struct UsualSpot {
    std::string name{};
    PlaceKind kind = PlaceKind::Door;
    Frame frame{};
    std::string driverClass{};  // of what is usually there
    int row = 1;                // of seats that it belongs to
    bool ownFilter = false;     // with a capacitor of its own, on the wires of the woofer of its row
    bool likely = false;        // hardly a vehicle of the kind is without
    bool operator==(const UsualSpot&) const = default;
};

// What a vehicle of one kind measures, and where its seats, its radio and its drivers are. Whatever comes from here is
// a class guess.
struct UsualVehicle {
    std::string source{};
    double length_m = 0.0, width_m = 0.0, height_m = 0.0, wheelbase_m = 0.0, frontOverhang_m = 0.0;
    Vec3 source_m{};               // the radio
    std::map<Seat, Vec3> seats{};  // heads, steering on the left
    std::vector<UsualSpot> spots{};
    bool operator==(const UsualVehicle&) const = default;
};

using UsualVehicles = std::map<BodyKind, UsualVehicle>;  // every kind has one

// A body of this kind with its usual measures.
[[nodiscard]] Body usualBody(BodyKind kind, const UsualVehicles& vehicles);
// Stated measures, or else the usual ones.
[[nodiscard]] double bodyHeight_m(const Body& body, const UsualVehicles& vehicles);
// Whether a point lies within its length, width and height.
[[nodiscard]] bool isInVehicle(const Body& body, const UsualVehicles& vehicles, const Vec3& point_m);
[[nodiscard]] double wheelbase_m(const Body& body, const UsualVehicles& vehicles);
// How many rows of seats it has room for.
[[nodiscard]] int seatRows(const Body& body);

// The following lie where they do in a usual one, stretched to this body's wheelbase and width.
[[nodiscard]] std::vector<UsualSpot> usualSpots(const Body& body, const UsualVehicles& vehicles);
[[nodiscard]] std::map<Seat, Vec3> usualSeats(const Body& body, const UsualVehicles& vehicles);
[[nodiscard]] Vec3 usualSource_m(const Body& body, const UsualVehicles& vehicles);
// The usual spot nearest to a point, whichever side it is on. above: the point was picked on the plan, its z counts
// for nothing.       requires a kind with spots
[[nodiscard]] UsualSpot nearestSpot(const Body& body, const UsualVehicles& vehicles, const Vec3& point_m, bool above);

}  // namespace core
