#pragma once

#include <string>

#include "core/model/plan.h"

namespace core {

// What was learnt of a vehicle, without the job: its body, places, surfaces and heads, and what the factory put into
// it. A sheet is a plan like any other, so it is saved and read the same way.
[[nodiscard]] Plan vehicleSheet(const Plan& plan);

// The next job on a vehicle of that kind: every value of the sheet is there, and to be confirmed. Any plan will do for
// a sheet: its own job stays behind.
[[nodiscard]] Plan planFromSheet(const Plan& sheet, const std::string& customer = {});

}  // namespace core
