#pragma once

#include <string>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// Which part of the sound a driver is made for.
enum class DriverWork { Treble, Middle, FullRange, Woofer, Bass };

// By the class of its own coil; a class that is not named is taken for a full-range driver.
[[nodiscard]] DriverWork workOf(const std::string& driverClass);
// Of a coil of the fitout, which may be of another kind than its part.
[[nodiscard]] DriverWork workOf(const Fitout& fitout, const Port& coil);

// Whether a driver's own cone is no larger than a tweeter's, whatever its class is called.
[[nodiscard]] bool isTweeter(const Part& part, const Practice& practice);

// Whether a driver for this work can do what a place has to do. A full-range driver serves where a woofer stood, a
// woofer only where something else plays the treble.
[[nodiscard]] bool canDo(DriverWork driver, DriverWork place);

// What a place has to do: what the driver that was found there did, or what the planned one does.
[[nodiscard]] DriverWork workOfPlace(const StageResult& found, const StageResult& goal, DeviceId device);

}  // namespace core
