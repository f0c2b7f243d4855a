#pragma once

#include <QString>

#include "core/calc/calc_value.h"
#include "core/slate/quantity_text.h"

namespace words {

// A number with a unit of the models ("ohm", "m3", "") as people read it: 4.7 Ω, 12 l, 135 cm².
[[nodiscard]] QString figure(double value, std::string_view unit);
// A result of a model: shares in per cent, all else with the unit that its name carries.
[[nodiscard]] QString outputFigure(const std::string& name, double value);

// What an output of a model is called: "shunt_ohm" -> "across the load". Empty if it has no words yet.
[[nodiscard]] QString labelOfOutput(const std::string& name);
// Words that models answer with: "care" -> "too low to be at ease with".
[[nodiscard]] QString wordOf(const std::string& text);

}  // namespace words
