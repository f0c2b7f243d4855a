#pragma once

#include <Eigen/Core>

namespace core {

// Direct sound over a distance, relative to 1 m: exp(-jkr) / r. Free field; no cabin, mirrors, cover or direction yet:
// each of them is one more factor or one more term here.
// requires distance_m > 0      source  geometry
[[nodiscard]] Eigen::ArrayXcd directPath(double distance_m, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
