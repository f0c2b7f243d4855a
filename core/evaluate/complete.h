#pragma once

#include "core/model/part.h"
#include "core/physics/driver.h"
#include "core/practice/practice.h"

namespace core {

// What is known of one element with nothing absent any more: stated values first, then what follows from them, then the
// class. Whatever was filled in says so by its origin.
[[nodiscard]] Figures complete(const Part& part, const std::string& element, const Practice& practice);

// The completed figures of a coil as plain numbers.
[[nodiscard]] DriverParameters driverParameters(const Figures& completed, const Part& part, const std::string& element,
                                                const Practice& practice);

// The worst origin among these figures; Measured if none is there.
[[nodiscard]] Origin worstOrigin(const Figures& figures, std::initializer_list<Quantity> of);

}  // namespace core
