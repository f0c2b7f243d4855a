#pragma once

#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// What is cut or drilled for a driver.
enum class Backing { Metal, Plastic, Cloth };
[[nodiscard]] std::string_view textOf(Backing backing);

// Part of a vehicle that a driver is usually put on.
struct MountSurface {
    std::string name{};  // "left sail"
    PlaceKind kind = PlaceKind::Door;
    Surface surface{};
    Backing backing = Backing::Plastic;
    // In the path of an airbag or a belt as far as the kind of vehicle tells: closed until the vehicle maker's data
    // clears it.
    bool closed = false;
    bool operator==(const MountSurface&) const = default;
};

// Round each usual spot of the kind, on both sides; nothing where a driver has a box of its own or hangs under a seat.
// A class guess: where exactly a surface ends is measured in the vehicle.
// source  sizes: practice
[[nodiscard]] std::vector<MountSurface> mountSurfaces(const Body& body, const UsualVehicles& vehicles,
                                                      const Practice& practice);
// Those that are not closed, numbered in their order, for a map of spots.
[[nodiscard]] std::map<SurfaceId, Surface> openSurfaces(const std::vector<MountSurface>& all);

}  // namespace core
