#pragma once

#include <string>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// Something that stands between a driver and an ear and mirrors nothing worth telling.
struct Screen {
    FlatPanel panel{};
    std::string name{};  // "leg", "steering wheel", "seat back", "rider's back"
};

// What people and seats put in the way of sound: the legs of whoever listens, the backs of their seats and of those
// beside them, the wheel before the driver. Where they are follows from the heads; a class guess.
// source  practice: sitterLegs, seatBack, steeringWheel
[[nodiscard]] std::vector<Screen> usualScreens(const Fitout& fitout, const Practice& practice);

}  // namespace core
