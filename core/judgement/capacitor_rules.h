#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT2: a capacitor kept in front of a driver of another impedance, so that its corner moves.
[[nodiscard]] std::vector<Finding> judgeKeptCapacitor(const Judging& judging);

// SPLIT3: a capacitor on a channel that holds the bass back already. Two schools: keep it, or bypass it.
[[nodiscard]] std::vector<Finding> judgeCapacitorOnFilteredOutput(const Judging& judging);

}  // namespace core
