#pragma once

#include "core/model/curve.h"
#include "core/physics/measured_source.h"

namespace core {

// A plan's curve as physics takes it.
[[nodiscard]] MeasuredResponse measuredResponse(const Curve& curve);

}  // namespace core
