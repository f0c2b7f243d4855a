#pragma once

namespace core {

// How much better a skin keeps sound out once it is heavier: 20 log((m0 + m)/m0) dB, above its own resonances and below
// its coincidence. How it rings is another matter and not in here.
// Source: mass law of a limp wall.      requires skin_kg_m2 > 0 and added_kg_m2 >= 0
[[nodiscard]] double massLawGain_db(double skin_kg_m2, double added_kg_m2);

inline constexpr double kSteel_kg_m3 = 7850.0;    // structural steel, EN 1993-1-1, 3.2.6
inline constexpr double kPlastic_kg_m3 = 1050.0;  // ABS; from memory

}  // namespace core
