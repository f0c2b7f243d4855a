#pragma once

#include <vector>

#include "core/physics/filter.h"

namespace core {

// Coefficients g1 (source side) .. gn (load side) of the singly terminated ladder, load 1 ohm, w = 1, from the filter's
// polynomial D(s) = even + odd by continued fractions, starting at the load.
// source  A. I. Zverev, "Handbook of Filter Synthesis" (1967); L. Weinberg, "Network Analysis and Synthesis" (1962)
[[nodiscard]] std::vector<double> ladderCoefficients(const FilterShape& shape);

struct LadderPart {
    bool series = true;  // in the line; else across it
    bool inductor = true;
    double value = 0.0;  // H or F
    bool operator==(const LadderPart&) const = default;
};

// One leg of a parallel network into the resistance R, from the amplifier to the load.
//   low-pass   odd: series L = g R / w0, even: shunt C = g / (R w0)
//   high-pass  odd: series C = 1 / (g R w0), even: shunt L = R / (g w0)
// requires corner_hz > 0, load_ohm > 0
[[nodiscard]] std::vector<LadderPart> ladder(const FilterShape& shape, FilterSide side, double corner_hz,
                                             double load_ohm);

}  // namespace core
