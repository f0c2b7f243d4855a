#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT1: a tweeter that nothing keeps the lows from.
[[nodiscard]] std::vector<Finding> judgeTweeterUnprotected(const Judging& judging);
// SPLIT12: what kept the lows from a place is gone with the old speaker, or bridged.
[[nodiscard]] std::vector<Finding> judgeHighPassLost(const Judging& judging);

}  // namespace core
