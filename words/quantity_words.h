#pragma once

#include <QString>

#include "core/model/quantity.h"

namespace words {

// What a figure is called beside its field, in a list or on a drawing.
[[nodiscard]] QString labelOf(core::Quantity quantity);

}  // namespace words
