#pragma once

#include <Eigen/Core>

#include "core/model/board.h"

namespace core {

// The values with which these capacitors and coils come nearest to what the leg is to do, into this load: least squares
// of the complex difference, each value held near where it began, since far off it is another filter. A resistor stays.
// wanted  volts at the leg's end over those at its input, at hz; so the load
[[nodiscard]] LegParts fitLeg(const LegParts& start, const Eigen::ArrayXcd& wanted, const Eigen::ArrayXcd& load_ohm,
                              const Eigen::ArrayXd& hz);

}  // namespace core
