#pragma once

#include "core/judgement/judging.h"

namespace core {

// What is done to the vehicle for good, against what its owner wants.
[[nodiscard]] std::vector<Finding> judgeCutAgainstWish(const Judging& judging);  // JOB6

}  // namespace core
