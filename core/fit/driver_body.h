#pragma once

#include "core/model/part.h"
#include "core/practice/practice.h"

namespace core {

// Nothing absent any more of what a driver measures: depth, body behind the flange, flange, surround, magnet, mass and
// travel. Stated values first, then its class.
[[nodiscard]] Figures bodyFigures(const Part& driver, const Practice& practice);

}  // namespace core
