#pragma once

#include "core/calc/calc_model.h"
#include "core/physics/driver.h"
#include "core/physics/driver_box.h"
#include "core/physics/filter.h"

namespace core {

// Inputs that several models share, and how they are read.

// family and order first, then what is given
[[nodiscard]] std::vector<CalcInput> withFilterShape(std::vector<CalcInput> more);
// errors  OutOfDomain (an order that the family does not have)
[[nodiscard]] Outcome<FilterShape> filterShape(const CalcArguments& in);
[[nodiscard]] Outcome<FilterShape> shapeOf(const std::string& family, double order, const char* input);
[[nodiscard]] FilterSide filterSide(const CalcArguments& in);

// re, le, fs, qms, qes and the coil's losses first: a driver as far as its coil shows it
[[nodiscard]] std::vector<CalcInput> withElectricalDriver(std::vector<CalcInput> more);
[[nodiscard]] DriverParameters electricalDriver(const CalcArguments& in);
[[nodiscard]] CoilLoss coilLoss(const CalcArguments& in);

// and with vas and sd: the whole of it
[[nodiscard]] std::vector<CalcInput> withDriver(std::vector<CalcInput> more);
[[nodiscard]] DriverParameters driverOf(const CalcArguments& in);

}  // namespace core
