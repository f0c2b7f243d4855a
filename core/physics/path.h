#pragma once

#include <Eigen/Core>
#include <vector>

namespace core {

// Direct sound over a distance, relative to 1 m: exp(-jkr) / r. Free field.
// requires distance_m > 0      source  geometry
[[nodiscard]] Eigen::ArrayXcd directPath(double distance_m, const Eigen::ArrayXd& frequency_hz);

// exp(-jkr) alone, on any frequencies.
[[nodiscard]] Eigen::ArrayXcd flight(double distance_m, const Eigen::ArrayXd& frequency_hz);

// The delays that let all arrivals meet: (max r - r_i) / c, never below 0.
[[nodiscard]] std::vector<double> alignmentDelays_s(const std::vector<double>& distances_m, double soundSpeed_m_s);

}  // namespace core
