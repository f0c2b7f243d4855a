#pragma once

#include <QString>

#include "core/job/step.h"

namespace words {

// How a panel is cut, one thing after the other: what is behind, the template, drills, saw, what falls out, the edge.
[[nodiscard]] QString cuttingOrder(const core::Step& step);

}  // namespace words
