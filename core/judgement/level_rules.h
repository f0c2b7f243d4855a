#pragma once

#include "core/judgement/judging.h"

namespace core {

// What a source's watts are against a coil's, and one driver's level against its neighbours'.
[[nodiscard]] std::vector<Finding> judgeClipsEarly(const Judging& judging);     // LOAD5
[[nodiscard]] std::vector<Finding> judgeLevelMismatch(const Judging& judging);  // LOAD6

}  // namespace core
