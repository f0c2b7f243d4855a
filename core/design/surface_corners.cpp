#include "core/design/surface_corners.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "core/base/vec3.h"

namespace core {
namespace {

Vec3 unit(const Vec3& way)
{
    return (1.0 / length(way)) * way;
}

}  // namespace

std::array<Vec3, 4> cornersOf(const Surface& surface)
{
    const Vec3 &at = surface.corner_m, &along = surface.along_m, &across = surface.across_m;
    return {at, at + along, at + along + across, at + across};
}

Surface withCorner(const Surface& surface, size_t corner, const Vec3& to_m)
{
    assert(corner < 4);
    const auto corners = cornersOf(surface);
    const Vec3 along = unit(surface.along_m), across = unit(surface.across_m);
    const Vec3 normal = unit(cross(along, across));
    const Vec3 off = dot(to_m - corners[corner], normal) * normal;
    // From the corner that stays: which way each edge runs to the one that goes.
    const Vec3 stays = corners[(corner + 2) % 4] + off;
    const double alongWay = corner == 1 || corner == 2 ? 1.0 : -1.0, acrossWay = corner >= 2 ? 1.0 : -1.0;
    const Vec3 diagonal = to_m - stays;
    const double wide_m = std::max(kLeastSurface_m, alongWay * dot(diagonal, along));
    const double high_m = std::max(kLeastSurface_m, acrossWay * dot(diagonal, across));
    Surface moved = surface;
    moved.along_m = wide_m * along;
    moved.across_m = high_m * across;
    moved.corner_m = stays + std::min(0.0, alongWay) * moved.along_m + std::min(0.0, acrossWay) * moved.across_m;
    return moved;
}

Surface withSize(const Surface& surface, const EdgeMeasure& from, double size_m)
{
    Surface sized = surface;
    const auto lies = [&](const Vec3& edge) { return std::abs(dot(unit(edge), from.away)); };
    Vec3& edge = lies(surface.along_m) > lies(surface.across_m) ? sized.along_m : sized.across_m;
    const Vec3 before = edge;
    const bool starts = dot(edge, from.away) > 0.0;  // at the surface's own corner
    edge = (starts ? size_m : -size_m) * from.away;
    if (!starts) sized.corner_m = surface.corner_m + before - edge;
    return sized;
}

}  // namespace core
