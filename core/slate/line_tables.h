#pragma once

#include "core/slate/named_line.h"

namespace core {

// The rows of namedLines(), one function to a part of the field.
[[nodiscard]] const std::vector<NamedLine>& electricalLines();
[[nodiscard]] const std::vector<NamedLine>& acousticLines();
[[nodiscard]] const std::vector<NamedLine>& fitLines();

}  // namespace core
