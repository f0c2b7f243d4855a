#pragma once

#include <optional>

#include "core/model/quantity.h"
#include "core/physics/screw_pattern.h"

namespace core {

// The screw holes that these figures describe: a count on a circle, or a rectangle; nothing where neither is known.
[[nodiscard]] std::optional<ScrewPattern> patternOf(const Figures& figures);
// The holes by which a bracket takes the vehicle's own, and the holes in tabs that can be broken off.
[[nodiscard]] std::optional<ScrewPattern> outerPatternOf(const Figures& figures);
[[nodiscard]] std::optional<ScrewPattern> tabPatternOf(const Figures& figures);

}  // namespace core
