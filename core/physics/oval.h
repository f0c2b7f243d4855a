#pragma once

#include "core/base/outcome.h"

namespace core {

// Half axes of an ellipse, metres; long >= short.
struct Oval {
    double long_m = 0.0, short_m = 0.0;
    bool operator==(const Oval&) const = default;
};

// Ellipses on one centre and one pair of axes.      source  geometry
//
// The body passes through the opening with 1 mm all round; a round opening is an oval with equal axes.
[[nodiscard]] bool passes(const Oval& body, const Oval& opening);
// How far a flange covers an opening all round: the least way from a point of its edge along its outward normal to the
// flange's edge, at each degree; below 0 where the opening reaches beyond.
[[nodiscard]] double overlap_m(const Oval& opening, const Oval& flange);
// From a point (u along, v across, from the centre) to the opening's edge; below 0 inside it.
[[nodiscard]] double metalTo_m(const Oval& opening, double u_m, double v_m);
// Round its edge: pi (3 (a + b) - sqrt((3 a + b) (a + 3 b))).      source  Ramanujan (1914); 3e-6 for b/a >= 0.5
[[nodiscard]] double perimeter_m(const Oval& oval);
// A screw hole (centre u, v, radius q) lies inside a flange: u^2 / (A - 1.5 q)^2 + v^2 / (B - 1.5 q)^2 <= 1.
// A flange too small for such a hole anywhere (1.5 q >= B): ((|u, v| + 1.5 q) / B)^2, over 1 off its centre.
[[nodiscard]] double screwReach(const Oval& flange, double u_m, double v_m, double holeRadius_m);

}  // namespace core
