#pragma once

#include <optional>
#include <stop_token>

#include "core/model/edit.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// The best spot of the map for the first who listens, as the edit that puts the driver there; nothing where none is
// better than where it stands by a point, and when it is stopped.
[[nodiscard]] std::optional<Edit> bestSpot(const Plan& plan, const Practice& practice, const UsualVehicles& vehicles,
                                           DeviceId device, const std::stop_token& stop = {});

}  // namespace core
