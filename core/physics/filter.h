#pragma once

#include <Eigen/Core>

namespace core {

enum class FilterSide { LowPass, HighPass };

// Butterworth of order 1..8: H(S) = prod(-p_k) / prod(S - p_k), p_k = exp(j pi (2k + n + 1) / (2n)), S = j f/f0;
// high-pass: 1/S. requires corner_hz > 0, order 1..8 (validate sees to it) source   S. Butterworth, "On the theory of
// filter amplifiers", Experimental Wireless 7 (1930)
[[nodiscard]] Eigen::ArrayXcd butterworth(FilterSide side, int order, double corner_hz,
                                          const Eigen::ArrayXd& frequency_hz);

}  // namespace core
