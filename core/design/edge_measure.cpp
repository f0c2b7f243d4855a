#include "core/design/edge_measure.h"

#include <cmath>

#include "core/base/vec3.h"

namespace core {
namespace {

EdgeMeasure measureAlong(const Vec3& edge, const Vec3& from, double outwards)
{
    const double size = length(edge);
    Vec3 away = (1.0 / size) * edge;
    double from_m = dot(from, away);
    const double x = std::abs(away.x), y = std::abs(away.y), z = std::abs(away.z);
    const FromEdge kind = z >= x && z >= y ? FromEdge::Top : x >= y ? FromEdge::Front : FromEdge::Outer;
    // Down, back, or towards the middle: else it is counted from the other end.
    const double wrong = kind == FromEdge::Top ? away.z : kind == FromEdge::Front ? away.x : away.y * outwards;
    if (wrong > 0.0) {
        away = -1.0 * away;
        from_m = size - from_m;
    }
    return {kind, from_m, away};
}

}  // namespace

std::array<EdgeMeasure, 2> edgeMeasures(const Surface& surface, const Vec3& at_m)
{
    const double outwards = middleOf(surface).y < 0.0 ? -1.0 : 1.0;
    const Vec3 from = at_m - surface.corner_m;
    return {measureAlong(surface.along_m, from, outwards), measureAlong(surface.across_m, from, outwards)};
}

}  // namespace core
