#pragma once

#include "core/model/part.h"
#include "core/physics/driver.h"
#include "core/practice/practice.h"

namespace core {

// What is known of one element with nothing absent any more: stated values first, then what follows from them, then the
// class. Whatever was filled in says so by its origin.
[[nodiscard]] Figures complete(const Part& part, const std::string& element, const Practice& practice);

// The driver that a coil belongs to as plain numbers. Figures of a coil are one coil's ohms and henries and, for the
// rest, the driver's with all its coils in use; what comes out is the cone with all of them in parallel:
//   Re = Re_c / n, Le = Le_c (1 + (n - 1) kappa) / n
// source  superposition of forces; R. H. Small, "Direct-radiator loudspeaker system analysis" (1972)
[[nodiscard]] DriverParameters driverParameters(const Figures& completed, const Part& part, const std::string& element,
                                                const Practice& practice);

// The worst origin among these figures; Measured if none is there.
[[nodiscard]] Origin worstOrigin(const Figures& figures, std::initializer_list<Quantity> of);

}  // namespace core
