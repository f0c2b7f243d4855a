#pragma once

#include <utility>
#include <vector>

#include "core/picture/body_shape.h"

namespace core {

// A line of a kind's usual look, in shares: how far behind the nose of the length; of the flank how high of the height,
// from above how far out of half the width.
struct ProfileLine {
    ShapeKind kind = ShapeKind::Body;
    std::vector<std::pair<double, double>> points{};
    bool closed = true;
    double round_m = 0.0;
    bool mirrored = false;  // from above: two lines, one on each side; else one that goes over the centre line
};

struct BodyProfile {
    std::vector<ProfileLine> flank{}, above{};
    double wheel_m = 0.32;      // radius; 0: none
    double wheelWidth_m = 0.2;  // of wheels that are seen from above
    bool openWheels = false;
    bool saddle = false;  // seats in a line, to be straddled
};

// How vehicles of this kind (and a pickup with this cab) usually look. Proportions for a sketch, nobody's drawing.
[[nodiscard]] const BodyProfile& bodyProfile(const Body& body);

}  // namespace core
