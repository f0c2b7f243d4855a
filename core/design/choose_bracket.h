#pragma once

#include <optional>

#include "core/model/edit.h"
#include "core/model/shelf.h"
#include "core/practice/practice.h"

namespace core {

// The bracket of the shelf whose outer holes take the vehicle's and whose inner ones take the driver, with room left
// behind and in front, the flattest and then the cheapest of them; as the edit that plans it. Nothing if none does.
// requires that the device is a driver at the goal
[[nodiscard]] std::optional<Edit> chooseBracket(const Plan& plan, const Practice& practice, const Shelf& shelf,
                                                DeviceId device);

}  // namespace core
