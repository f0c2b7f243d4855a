#include "core/physics/panel.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>

namespace core {
namespace {

// Share of the way from one side of a plane to the other where the plane is met; nothing if both are on one side.
std::optional<double> meeting(const FlatPanel& panel, const Vec3& normal, const Vec3& from, const Vec3& to)
{
    const double here = dot(from - panel.corner_m, normal), there = dot(to - panel.corner_m, normal);
    if (here * there >= 0.0) return std::nullopt;
    return here / (here - there);
}

bool covers(const FlatPanel& panel, const Vec3& point)
{
    const Vec3 from = point - panel.corner_m;
    const auto within = [&](const Vec3& edge) {
        const double along = dot(from, edge), whole = dot(edge, edge);
        return along >= 0.0 && along <= whole;
    };
    return within(panel.along_m) && within(panel.across_m);
}

// The shortest way from one point over a straight edge to another: unfolded flat round the edge, a straight line.
double over(const Vec3& start, const Vec3& edge, const Vec3& from, const Vec3& to)
{
    const double span = length(edge);
    const Vec3 along = (1.0 / span) * edge;
    const double a = dot(from - start, along), b = dot(to - start, along);
    const double heightA = length(from - start - a * along), heightB = length(to - start - b * along);
    const double sum = heightA + heightB;
    const double meet = sum > 0.0 ? a + (b - a) * heightA / sum : a;
    const Vec3 at = start + std::clamp(meet, 0.0, span) * along;
    return distance(from, at) + distance(at, to);
}

bool isBlocked(std::span<const FlatPanel> panels, size_t except, const Vec3& from, const Vec3& to)
{
    for (size_t i = 0; i < panels.size(); ++i)
        if (i != except && panels[i].blocks && crossing(panels[i], from, to)) return true;
    return false;
}

}  // namespace

Vec3 unitNormal(const FlatPanel& panel)
{
    const Vec3 normal = cross(panel.along_m, panel.across_m);
    assert(length(normal) > 0.0);
    return (1.0 / length(normal)) * normal;
}

double smallerSide_m(const FlatPanel& panel)
{
    return std::min(length(panel.along_m), length(panel.across_m));
}

Vec3 imageOf(const Vec3& point, const Vec3& onPlane, const Vec3& normal)
{
    return point - 2.0 * dot(point - onPlane, normal) * normal;
}

Vec3 imageOfDirection(const Vec3& direction, const Vec3& normal)
{
    return direction - 2.0 * dot(direction, normal) * normal;
}

std::optional<Vec3> crossing(const FlatPanel& panel, const Vec3& from, const Vec3& to)
{
    const auto share = meeting(panel, unitNormal(panel), from, to);
    if (!share) return std::nullopt;
    const Vec3 point = from + *share * (to - from);
    return covers(panel, point) ? std::optional(point) : std::nullopt;
}

double angleBetween_rad(const Vec3& a, const Vec3& b)
{
    return std::atan2(length(cross(a, b)), dot(a, b));
}

std::optional<MirrorWay> mirrorWay(const Vec3& source, const Vec3& axis, const Vec3& ear, size_t panel,
                                   std::span<const FlatPanel> panels)
{
    const FlatPanel& mirror = panels[panel];
    const Vec3 normal = unitNormal(mirror);
    if (dot(source - mirror.corner_m, normal) * dot(ear - mirror.corner_m, normal) <= 0.0) return std::nullopt;
    const Vec3 image = imageOf(source, mirror.corner_m, normal);
    const auto point = crossing(mirror, image, ear);
    if (!point || isBlocked(panels, panel, source, *point) || isBlocked(panels, panel, *point, ear))
        return std::nullopt;
    return MirrorWay{distance(image, ear), angleBetween_rad(imageOfDirection(axis, normal), ear - image)};
}

std::optional<Detour> detour(const FlatPanel& panel, const Vec3& from, const Vec3& to)
{
    const auto share = meeting(panel, unitNormal(panel), from, to);
    if (!share) return std::nullopt;
    const Vec3 opposite = panel.corner_m + panel.along_m + panel.across_m;
    const std::array<std::pair<Vec3, Vec3>, 4> edges{{{panel.corner_m, panel.along_m},
                                                      {panel.corner_m, panel.across_m},
                                                      {opposite, -1.0 * panel.along_m},
                                                      {opposite, -1.0 * panel.across_m}}};
    double shortest = over(edges[0].first, edges[0].second, from, to);
    for (const auto& [start, edge] : edges) shortest = std::min(shortest, over(start, edge, from, to));
    return Detour{std::max(0.0, shortest - distance(from, to)), covers(panel, from + *share * (to - from))};
}

}  // namespace core
