#pragma once

#include "core/judgement/judging.h"

namespace core {

// POL1: of two sides that play the same, one stands the other way round. Keep it or correct it: both are predicted.
// POL4: what that costs in 60-250 Hz is more than can be let pass.
[[nodiscard]] std::vector<Finding> judgeTurnedPairs(const Judging& judging);

}  // namespace core
