#pragma once

#include <string>

#include "core/base/result.h"
#include "core/model/usual_vehicle.h"

namespace core {

// vehicles.json: what vehicles of each kind usually measure and where their seats and drivers are. Every kind has to be
// there, with a driver's seat and at least one spot; drivers of unknown class are refused by whoever has the classes.
[[nodiscard]] Result<UsualVehicles> readVehicles(const std::string& text, const std::string& file);

}  // namespace core
