#pragma once

#include <QString>

#include "core/design/hole_outline.h"
#include "core/limits/hold_limits.h"

namespace words {

// "48 mm too tight; 51 mm fits, 2 mm play"
[[nodiscard]] QString sawsText(const core::HoleOutline& hole);
// "31 mm behind it, 24 needed; 12 mm to the edge"
[[nodiscard]] QString roomText(const core::HoleOutline& hole);
// "clip, bears 3.3 times that"
[[nodiscard]] QString heldText(const core::HeldBy& way);
// Why it holds, or does not.
[[nodiscard]] QString whyHeld(const core::HeldBy& way, double wanted_ratio);

}  // namespace words
