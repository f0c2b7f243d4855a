#pragma once

#include "core/model/evaluation.h"

namespace core {

// The wires of one speaker's pair.
inline constexpr int kWiresOfPair = 2;

// What plugs into a driver; empty: nobody knows.
[[nodiscard]] std::string plugOf(const Part& driver);

// Whether a device plays the same part in both.      requires that the later fitout has it
[[nodiscard]] bool samePartAsBefore(const Fitout& from, const Fitout& to, DeviceId device);

// The plug of the vehicle's pair fits the new driver no more, and nothing between adapts it.
[[nodiscard]] bool plugIsCut(const Fitout& from, const Fitout& to, DeviceId driver);

}  // namespace core
