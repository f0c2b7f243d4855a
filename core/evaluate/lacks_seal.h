#pragma once

#include "core/model/evaluation.h"

namespace core {

// A cone that moves air, in a door, a pod or a deck, with neither seal nor foam round its edge.
[[nodiscard]] bool lacksSeal(const StageResult& stage, DeviceId driver, const Practice& practice);

}  // namespace core
