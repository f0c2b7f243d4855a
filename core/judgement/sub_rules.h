#pragma once

#include "core/judgement/judging.h"

namespace core {

// SubAgainstDoors (POL5): what subwoofers and everything else take from each other about the point where one takes over
// from the other, as the first listener hears it.
[[nodiscard]] std::vector<Finding> judgeSubAgainstDoors(const Judging& judging);

}  // namespace core
