#pragma once

#include <optional>

#include "core/model/edit.h"

namespace core {

// The curve that the sum of a pair is to come near in this job; nothing: none of its own. What it was before goes.
[[nodiscard]] Edit setTarget(const Plan& plan, std::optional<Curve> curve);

}  // namespace core
