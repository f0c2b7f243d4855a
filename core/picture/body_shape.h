#pragma once

#include <vector>

#include "core/model/usual_vehicle.h"

namespace core {

enum class ShapeKind { Body, Glass, Seam, Wheel, Seat, Bag };

// One line of a drawing, in the vehicle's own metres.
struct ShapeLine {
    ShapeKind kind = ShapeKind::Body;
    std::vector<Vec3> points{};
    bool closed = true;
    double round_m = 0.0;  // how much the corners are rounded
    bool operator==(const ShapeLine&) const = default;
};

// A vehicle as a fitter sketches it: the lines seen from above (their z is 0) and those of the left flank (y is 0); the
// right flank is the same, mirrored. Drawn from the body's measures and the proportions of its kind.
struct BodyShape {
    std::vector<ShapeLine> above{}, flank{};
    bool operator==(const BodyShape&) const = default;
};
[[nodiscard]] BodyShape bodyShape(const Body& body, const UsualVehicles& vehicles);

}  // namespace core
