#pragma once

#include <cmath>
#include <numbers>

#include "core/model/vehicle.h"

namespace core {

// Which way a driver looks, as a fitter says it: so far inwards of straight back, so far up of level. Beyond 90 degrees
// in it looks ahead; negative: outwards, down.
struct Aim {
    double in_deg = 0.0, up_deg = 0.0;
    bool operator==(const Aim&) const = default;
};

// "in" is towards the centre plane from where it stands; on it: to the right.
[[nodiscard]] inline Aim aimOf(const Frame& frame)
{
    constexpr double kDegrees = 180.0 / std::numbers::pi;
    const Vec3& way = frame.facing;
    const double level = std::hypot(way.x, way.y), inwards = frame.at_m.y < 0.0 ? way.y : -way.y;
    return {level > 1e-9 ? kDegrees * std::atan2(inwards, -way.x) : 0.0, kDegrees * std::atan2(way.z, level)};
}

[[nodiscard]] inline Frame aimed(const Vec3& at_m, const Aim& aim)
{
    constexpr double kDegrees = 180.0 / std::numbers::pi;
    const double level = std::cos(aim.up_deg / kDegrees), inwards = level * std::sin(aim.in_deg / kDegrees);
    return {at_m, {-level * std::cos(aim.in_deg / kDegrees), at_m.y < 0.0 ? inwards : -inwards,
                   std::sin(aim.up_deg / kDegrees)}};
}

// At a point, its axis to another one.
[[nodiscard]] inline Frame aimedAt(const Vec3& at_m, const Vec3& target_m)
{
    const Vec3 way = target_m - at_m;
    const double size = length(way);
    return {at_m, size > 0.0 ? (1.0 / size) * way : Vec3{1.0, 0.0, 0.0}};
}

}  // namespace core
