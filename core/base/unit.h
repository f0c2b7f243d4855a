#pragma once

#include <span>
#include <string_view>

namespace core {

// What can be typed; units.def has the units of each.
enum class Dimension {
    Number,
    Resistance,
    Capacitance,
    Inductance,
    Power,
    Voltage,
    Current,
    Frequency,
    Length,
    Time,
    Gauge,
    Level,
    Area,
    Volume,
    Mass,
    Temperature,  // degC
    Octaves,
    Charge  // Ah
};

// As files and answers write it: "ohm", "m3"; empty for a number.
[[nodiscard]] std::string_view unitOf(Dimension dimension);
// "ohm" -> Resistance; a number for a unit that nobody types, such as kg/m2.
[[nodiscard]] Dimension dimensionOf(std::string_view unit);
// What a bare number stands for where one of these is expected: 1e-6 of a capacitance.
[[nodiscard]] double bareUnit(Dimension dimension);

// A unit as people write it, in parts of unitOf: "in" is 0.0254 of a length.
struct UnitSpelling {
    std::string_view text{};
    Dimension dimension{};
    double factor = 1.0;
    bool takesPrefix = false;  // k, m, u and the like may stand before it
};
[[nodiscard]] std::span<const UnitSpelling> unitSpellings();

// The unit that a name carries at its end: "load_ohm" -> "ohm", "density_kg_m3" -> "kg/m3", "ratio" -> "".
[[nodiscard]] std::string_view unitOfName(std::string_view name);

}  // namespace core
