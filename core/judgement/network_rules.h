#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT13: what comes from a source arrives at a board's screws for a speaker.
[[nodiscard]] std::vector<Finding> judgeNetworkBackwards(const Judging& judging);

}  // namespace core
