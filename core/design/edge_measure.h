#pragma once

#include <array>

#include "core/model/vehicle.h"

namespace core {

// A hole is marked from edges that a ruler finds: down from the upper one, back from the front one, in from the outer
// one.
enum class FromEdge { Top, Front, Outer };
struct EdgeMeasure {
    FromEdge edge = FromEdge::Top;
    double from_m = 0.0;
    Vec3 away{};  // from that edge over the surface, a unit
};

// Of a point, laid square onto the surface: along its first edge, along its second one.
// requires a surface that is no line
[[nodiscard]] std::array<EdgeMeasure, 2> edgeMeasures(const Surface& surface, const Vec3& at_m);
// The point so far from that edge instead, as far off the face as it was.
[[nodiscard]] inline Vec3 movedTo(const Vec3& at_m, const EdgeMeasure& measure, double from_m)
{
    return at_m + (from_m - measure.from_m) * measure.away;
}

}  // namespace core
