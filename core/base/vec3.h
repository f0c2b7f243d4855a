#pragma once

#include <cmath>

namespace core {

// A point or a direction in the vehicle frame: x ahead, y to the left, z up, metres; y = 0 the centre plane, x = 0 the
// front axle, z = 0 the ground.
struct Vec3 {
    double x = 0.0, y = 0.0, z = 0.0;
    bool operator==(const Vec3&) const = default;
};

[[nodiscard]] constexpr Vec3 operator+(const Vec3& a, const Vec3& b)
{
    return {a.x + b.x, a.y + b.y, a.z + b.z};
}
[[nodiscard]] constexpr Vec3 operator-(const Vec3& a, const Vec3& b)
{
    return {a.x - b.x, a.y - b.y, a.z - b.z};
}
[[nodiscard]] constexpr Vec3 operator*(double factor, const Vec3& a)
{
    return {factor * a.x, factor * a.y, factor * a.z};
}
[[nodiscard]] constexpr double dot(const Vec3& a, const Vec3& b)
{
    return a.x * b.x + a.y * b.y + a.z * b.z;
}
[[nodiscard]] constexpr Vec3 cross(const Vec3& a, const Vec3& b)
{
    return {a.y * b.z - a.z * b.y, a.z * b.x - a.x * b.z, a.x * b.y - a.y * b.x};
}
[[nodiscard]] inline double length(const Vec3& a)
{
    return std::sqrt(dot(a, a));
}
[[nodiscard]] inline double distance(const Vec3& a, const Vec3& b)
{
    return length(a - b);
}
// Over level, -pi/2 to pi/2.
[[nodiscard]] inline double elevation_rad(const Vec3& way)
{
    return std::atan2(way.z, std::hypot(way.x, way.y));
}
}  // namespace core
