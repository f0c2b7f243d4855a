#pragma once

#include "core/model/evaluation.h"

namespace core {

// Whether a device plays the same part in both.      requires that the later fitout has it
[[nodiscard]] bool samePartAsBefore(const Fitout& from, const Fitout& to, DeviceId device);

// The plug of the vehicle's pair fits the new driver no more, and nothing between adapts it.
[[nodiscard]] bool plugIsCut(const Fitout& from, const Fitout& to, DeviceId driver);

}  // namespace core
