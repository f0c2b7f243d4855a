#pragma once

#include <cmath>

#include "core/base/angle.h"
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
    const Vec3& way = frame.facing;
    const double inwards = frame.at_m.y < 0.0 ? way.y : -way.y;
    const bool isLevel = std::hypot(way.x, way.y) > 1e-9;  // else it has no direction to say
    return {isLevel ? std::atan2(inwards, -way.x) / kDegree_rad : 0.0, elevation_rad(way) / kDegree_rad};
}

[[nodiscard]] inline Frame aimed(const Vec3& at_m, const Aim& aim)
{
    const double in_rad = kDegree_rad * aim.in_deg, up_rad = kDegree_rad * aim.up_deg;
    const double inwards = std::cos(up_rad) * std::sin(in_rad);
    return {at_m, {-std::cos(up_rad) * std::cos(in_rad), at_m.y < 0.0 ? inwards : -inwards, std::sin(up_rad)}};
}

// At a point, its axis to another one.
[[nodiscard]] inline Frame aimedAt(const Vec3& at_m, const Vec3& target_m)
{
    const Vec3 way = target_m - at_m;
    const double size = length(way);
    return {at_m, size > 0.0 ? (1.0 / size) * way : Vec3{1.0, 0.0, 0.0}};
}

}  // namespace core
