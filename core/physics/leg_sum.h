#pragma once

#include <complex>
#include <optional>

#include "core/physics/filter.h"

namespace core {

// Two legs of a crossover heard together: S = L + p H, the low leg and the high leg with polarity p.
struct CrossoverLegs {
    FilterShape low{}, high{};
    double lowCorner_hz = 1000.0, highCorner_hz = 1000.0;
    double pathDifference_m = 0.0;  // path of the high leg minus that of the low one: -360 f dr / c degrees on H
};

struct LegPoint {
    std::complex<double> low{}, high{};
    double difference_deg = 0.0;              // phase of H - L
    std::complex<double> same{}, inverted{};  // sums
};
[[nodiscard]] LegPoint legsAt(const CrossoverLegs& legs, double frequency_hz);

// The largest sum from a factor 10^1.5 below the geometric middle of the corners to as much above, in dB.
[[nodiscard]] double largestSum_db(const CrossoverLegs& legs, bool inverted);

enum class PolarityRule { Either, Same, Invert };

// What the rule says for like legs of coincident sources; none for Bessel and for unlike legs, where only the sum
// itself tells. Order 1 and 3: either; 2: invert one; 4: same; Linkwitz-Riley of order 2m: invert where m is odd.
// source  S. Linkwitz (1976); R. H. Small, "Constant-voltage crossover network design", J. Audio Eng. Soc. 19 (1971)
[[nodiscard]] std::optional<PolarityRule> polarityRule(const CrossoverLegs& legs);

}  // namespace core
