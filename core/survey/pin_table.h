#pragma once

#include <vector>

#include "core/fitout/resolve.h"
#include "core/model/pin_row.h"

namespace core {

// Every terminal of a source, by name.
[[nodiscard]] std::vector<PinRow> pinTable(const Fitout& fitout, DeviceId source);

// The wires at this pin, and the colour of the first that has one.
[[nodiscard]] std::vector<WireId> wiresAt(const Fitout& fitout, const Pin& pin);
[[nodiscard]] std::string colourAt(const Fitout& fitout, const Pin& pin);

}  // namespace core
