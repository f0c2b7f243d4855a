#pragma once

#include <Eigen/Core>

#include "core/model/board.h"

namespace core {

// What a leg of ideal parts makes of what hangs on it.
struct LegResponse {
    Eigen::ArrayXcd transfer{};   // volts at its end over those at its input
    Eigen::ArrayXcd input_ohm{};  // what its input sees
};
// s  the Laplace variable at each frequency, 1/s; load_ohm at the same
[[nodiscard]] LegResponse legResponse(const LegParts& parts, const Eigen::ArrayXcd& load_ohm, const Eigen::ArrayXcd& s);

}  // namespace core
