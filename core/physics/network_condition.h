#pragma once

#include <Eigen/Core>

#include "core/physics/network.h"

namespace core {

// The largest 1-norm condition estimate of the row-scaled equations over the frequencies; infinite where singular.
// requires checkNetwork to find nothing; one dense factorisation a frequency, so not for dragging hands
[[nodiscard]] double conditionEstimate(const Network& network, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
