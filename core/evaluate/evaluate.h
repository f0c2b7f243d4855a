#pragma once

#include <span>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// The numbers that follow from a plan, for the wanted stages. Pure: no clock, file, locale or global; total for every
// plan that validate accepts. `last` only saves time: a stage whose fitout and practice are unchanged is taken from it.
[[nodiscard]] Evaluation evaluate(const Plan& plan, const Practice& practice, std::span<const StageId> wanted,
                                  const Evaluation& last = {});

// Before and after: what was found and the goal.
[[nodiscard]] Evaluation evaluateJob(const Plan& plan, const Practice& practice, const Evaluation& last = {});

}  // namespace core
