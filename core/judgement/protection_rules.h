#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT1: a tweeter that nothing keeps the lows from.
[[nodiscard]] std::vector<Finding> judgeTweeterUnprotected(const Judging& judging);
// SPLIT1: what kept the lows from a place is gone with the old speaker, or bridged.
[[nodiscard]] std::vector<Finding> judgeHighPassLost(const Judging& judging);

// Whether a coil is a tweeter's, by the area of its cone.
[[nodiscard]] bool isTweeter(const RunResult& run, const Practice& practice);

}  // namespace core
