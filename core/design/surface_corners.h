#pragma once

#include <array>

#include "core/design/edge_measure.h"

namespace core {

inline constexpr double kLeastSurface_m = 0.02;  // wide and high; ours, no source

// In order round the surface, its own corner first.
[[nodiscard]] std::array<Vec3, 4> cornersOf(const Surface& surface);
// One of them put elsewhere: over the face it makes the surface larger or smaller, the opposite corner stays; off the
// face all of it goes along. Never smaller than the least.      requires a surface that is no line, and corner < 4
[[nodiscard]] Surface withCorner(const Surface& surface, size_t corner, const Vec3& to_m);
// So long from that edge on; the edge stays.      requires a measure of this surface, and size_m > 0
[[nodiscard]] Surface withSize(const Surface& surface, const EdgeMeasure& from, double size_m);

}  // namespace core
