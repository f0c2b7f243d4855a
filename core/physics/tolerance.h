#pragma once

#include <Eigen/Core>
#include <cstdint>
#include <vector>

#include "core/base/outcome.h"
#include "core/physics/network.h"

namespace core {

struct TolerancedPart {
    size_t element = 0;      // of the network
    double tolerance = 0.0;  // +- share, 0..0.5
};

inline constexpr size_t kMostCorners = 12;

// One curve of a network, the level between a node and ground in dB re 1 V, with its parts spread: nominal, the
// envelope of all 2^m corners at every frequency (exact only where a value's influence is monotone), and 2.5, 50 and
// 97.5 % of random draws, uniform within +-tolerance.
struct ToleranceSpread {
    Eigen::ArrayXd nominal_db{}, lowest_db{}, highest_db{};
    Eigen::ArrayXd low_db{}, median_db{}, high_db{};
    Eigen::ArrayXXd slope_db{};  // frequencies x parts: dB per 1 % of that part
};

struct DrawSettings {
    std::uint64_t seed = 1;
    int draws = 2000;
};

// Quantiles by linear interpolation at (N - 1) p; parts drawn in the order given: value = nominal (1 + tol (2u - 1)).
// errors  OutOfDomain (a tolerance outside 0..0.5; more than 12 parts; fewer than 2 draws), and those of solveNetwork
[[nodiscard]] Outcome<ToleranceSpread> toleranceSpread(const Network& network, int node,
                                                       const std::vector<TolerancedPart>& parts,
                                                       const Eigen::ArrayXd& frequency_hz, const DrawSettings& draws);

// Range and mean of 1 / ((1 + a)(1 + b)) for uniform spreads of +-a and +-b: what becomes of f0 = 1 / (2 pi R C).
// mean = (atanh a / a)(atanh b / b)
struct CornerSpread {
    double lowest_ratio = 1.0, highest_ratio = 1.0, mean_ratio = 1.0;
};
[[nodiscard]] CornerSpread cornerSpread(double resistanceTolerance, double capacitanceTolerance);

}  // namespace core
