#pragma once

#include <string>
#include <vector>

#include "core/model/edit.h"

namespace core {

// Ways that stand beside each other on what was found: each is a planned stage, and the plan's goal is one of them.

// The planned stages, in the order in which they were made.
[[nodiscard]] std::vector<StageId> planWays(const Plan& plan);

// Another way beside the goal, the same to begin with, and the goal from now on. A plan of which nothing is planned yet
// gets its first.
[[nodiscard]] Edit branchWay(const Plan& plan, const std::string& name);

// This way is the goal from now on.
[[nodiscard]] Edit takeWay(const Plan& plan, StageId stage);

// This way goes with all that it alone decided; the goal is the nearest one that is left.
// requires that no other stage stands on it
[[nodiscard]] Edit dropWay(const Plan& plan, StageId stage);

}  // namespace core
