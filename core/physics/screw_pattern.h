#pragma once

#include <optional>
#include <vector>

namespace core {

// Screw holes of a driver, a ring or a vehicle's panel, seen from the front: u to the right, v up, metres, round the
// centre of the opening. Angles in radians, counter-clockwise from u.      source  geometry

struct ScrewHole {
    double u_m = 0.0, v_m = 0.0;
    bool operator==(const ScrewHole&) const = default;
};

struct ScrewPattern {
    std::vector<ScrewHole> holes{};
    double slot_m = 0.0;  // half the length of its slots, which run round the centre; 0: plain holes
    bool operator==(const ScrewPattern&) const = default;
};

// n holes on a circle of diameter B: hole i at B/2 (cos(a0 + 2 pi i/n), sin(a0 + 2 pi i/n)).      requires n > 0, B > 0
[[nodiscard]] ScrewPattern circlePattern(int count, double diameter_m, double first_rad = 0.0);
// Four holes at the corners of w x h: on a circle of sqrt(w^2 + h^2), at b, pi - b, pi + b, -b with b = atan2(h, w).
[[nodiscard]] ScrewPattern rectanglePattern(double width_m, double height_m);
// B sin(pi/n)
[[nodiscard]] double neighbourChord_m(int count, double diameter_m);
// The same on the vehicle's other side, mirrored about the vertical axis: an angle a becomes pi - a.
[[nodiscard]] ScrewPattern mirrored(ScrewPattern pattern);

// How two concentric patterns meet.
struct PatternMatch {
    double turn_rad = 0.0;               // of the driver
    int matched = 0;                     // pairs within the tolerance, each hole used once
    double worst_m = 0.0;                // the worst error of those pairs
    std::vector<double> alsoGood_rad{};  // turns that do as well, turn_rad among them, in rising order within a circle
};

// The turn with the most pairs within the tolerance, then the smallest worst error of them, then the smallest turn.
// Exact: it is at an angle where two holes point the same way, where two pairs are equally far off, or where a pair
// just comes within the tolerance.
[[nodiscard]] PatternMatch matchPatterns(const ScrewPattern& driver, const ScrewPattern& vehicle, double tolerance_m);

// The pairs within the tolerance at this turn, as many as there are holes for, with the least worst error.
[[nodiscard]] PatternMatch matchAt(const ScrewPattern& driver, const ScrewPattern& vehicle, double turn_rad,
                                   double tolerance_m);

}  // namespace core
