#pragma once

#include <Eigen/Core>
#include <optional>
#include <span>
#include <string>

#include "core/base/vec3.h"

namespace core {

// A flat rectangle of the vehicle: a corner and the two edges that leave it, at right angles. It mirrors sound on both
// faces, unless it is too small or too soft to be told of; one that blocks also stands in the way of what would pass
// through it.
struct FlatPanel {
    Vec3 corner_m{}, along_m{1.0, 0.0, 0.0}, across_m{0.0, 1.0, 0.0};
    bool blocks = false;
    bool mirrors = true;
    bool operator==(const FlatPanel&) const = default;
};

// The unit normal; requires edges that are not parallel (asserted).
[[nodiscard]] Vec3 unitNormal(const FlatPanel& panel);
[[nodiscard]] double smallerSide_m(const FlatPanel& panel);

// P' = P - 2 ((P - P0).n) n, and a direction mirrored likewise.
// source  J. B. Allen, D. A. Berkley, "Image method for efficiently simulating small-room acoustics", J. Acoust. Soc.
//         Am. 65 (1979)
[[nodiscard]] Vec3 imageOf(const Vec3& point, const Vec3& onPlane, const Vec3& normal);
[[nodiscard]] Vec3 imageOfDirection(const Vec3& direction, const Vec3& normal);

// Where the straight way between two points crosses the panel; nothing if it does not.
[[nodiscard]] std::optional<Vec3> crossing(const FlatPanel& panel, const Vec3& from, const Vec3& to);

// The way from a source over a panel to an ear: the image lies behind the panel, its line to the ear crosses the panel,
// source and ear lie on the same side, and no panel that blocks stands in either leg.
struct MirrorWay {
    double distance_m = 0.0;  // d' = |P' - ear|
    double angle_rad = 0.0;   // between the mirrored axis and the way to the ear
};
[[nodiscard]] std::optional<MirrorWay> mirrorWay(const Vec3& source, const Vec3& axis, const Vec3& ear, size_t panel,
                                                 std::span<const FlatPanel> panels);

// Between two directions, 0 to pi.
[[nodiscard]] double angleBetween_rad(const Vec3& a, const Vec3& b);

// How much longer the way round the nearest edge is than the straight one, and whether the panel stands in the way.
// Nothing if both ends lie on one side of its plane.
struct Detour {
    double longer_m = 0.0;  // A + B - d
    bool blocked = false;   // else the line of sight clears the edge
};
[[nodiscard]] std::optional<Detour> detour(const FlatPanel& panel, const Vec3& from, const Vec3& to);

}  // namespace core
