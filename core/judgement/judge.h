#pragma once

#include <vector>

#include "core/model/finding.h"

namespace core {

// What the numbers mean for somebody: every rule over the goal, held against what was found. Worst first. Pure.
// requires that the evaluation holds the found stage and the goal
[[nodiscard]] std::vector<Finding> judge(const Plan& plan, const Evaluation& evaluation);

}  // namespace core
