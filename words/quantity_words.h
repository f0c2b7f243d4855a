#pragma once

#include <QString>

#include "core/model/quantity.h"

namespace words {

// What a figure is called beside its field, in a list or on a drawing.
[[nodiscard]] QString labelOf(core::Quantity quantity);
// A value of it as people read it: 3.4 Ω, 12 l, 132 cm².
[[nodiscard]] QString figureOf(core::Quantity quantity, double value);

}  // namespace words
