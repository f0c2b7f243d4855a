#pragma once

#include <QString>
#include <optional>

#include "core/job/step.h"
#include "core/model/evaluation.h"

// A step of the job card, as the fitter reads it.
namespace words {

[[nodiscard]] QString textOf(const core::Step& step, const core::Fitout& from, const core::Fitout& to);
[[nodiscard]] QString nameOf(core::Tool tool);
[[nodiscard]] QString nameOf(const core::ToolUse& tool);  // "star driver T25"
[[nodiscard]] QString textOf(core::Caution caution, const core::Body& body);

// "sheet-metal screw 4.2 × 25 mm"; without a length where nobody knows which
[[nodiscard]] QString screwText(core::Anchor anchor, double across_m, std::optional<double> length_m);
// "30° to the left", as seen from the front; empty: not turned
[[nodiscard]] QString turnText(double turn_deg);
// "4.5 m (14.8 ft)"
[[nodiscard]] QString cableLength(double length_m);

}  // namespace words
