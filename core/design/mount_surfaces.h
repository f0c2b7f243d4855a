#pragma once

#include <map>

#include "core/model/evaluation.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// What a driver is usually put on in a vehicle of this kind: round each usual spot, on both sides; nothing where a
// driver has a box of its own or hangs under a seat. A class guess: where exactly a surface ends is measured in the
// vehicle. Numbered from 1.
// source  sizes: practice
[[nodiscard]] std::map<SurfaceId, Surface> usualMounts(const Body& body, const UsualVehicles& vehicles,
                                                       const Practice& practice);
// The vehicle's own, as far as anybody told of them, else the usual ones. One of no kind is of the nearest usual one's.
[[nodiscard]] std::map<SurfaceId, Surface> mountsOf(const Fitout& fitout, const UsualVehicles& vehicles,
                                                    const Practice& practice);

}  // namespace core
