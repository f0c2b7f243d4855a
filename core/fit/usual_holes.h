#pragma once

#include "core/model/evaluation.h"

namespace core {

// The holes that nobody measured, by the body of the driver that was found there and its slack: a hole is the place's
// and stays when that driver goes.
[[nodiscard]] std::map<PlaceId, Known> usualHoles(const Plan& plan, const Practice& practice);

}  // namespace core
