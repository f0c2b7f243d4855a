#pragma once

#include <QString>

#include "core/model/part.h"

namespace words {

// By what a capacitor, a coil of wire or a resistor is bought: "8.2 µF"; "?" where nobody knows.
[[nodiscard]] QString partValue(const core::Part& part, const std::string& element);
// The same of any value of this kind.
[[nodiscard]] QString partValue(core::ElementKind kind, double value);
// "capacitor 8.2 µF"
[[nodiscard]] QString partName(const core::Part& part, const std::string& element);

}  // namespace words
