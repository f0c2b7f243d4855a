#pragma once

#include <string_view>

namespace core {

// The unit that a name carries at its end: "load_ohm" -> "ohm", "density_kg_m3" -> "kg/m3", "ratio" -> "".
[[nodiscard]] std::string_view unitOfName(std::string_view name);

}  // namespace core
