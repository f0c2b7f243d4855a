#pragma once

#include "core/judgement/judging.h"

namespace core {

// LOAD10: two coils of one cone push against each other: no motion, all heat, and the meter reads as if all were well.
[[nodiscard]] std::vector<Finding> judgeCoilsFight(const Judging& judging);
// A coil that nothing is wired to: half the motor is not used.
[[nodiscard]] std::vector<Finding> judgeCoilOpen(const Judging& judging);
// LOAD10: a driver of the plan that no channel plays.
[[nodiscard]] std::vector<Finding> judgeDriverUnfed(const Judging& judging);

}  // namespace core
