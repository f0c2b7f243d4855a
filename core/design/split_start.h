#pragma once

#include "core/evaluate/split_sum.h"
#include "core/physics/compensation.h"

namespace core {

// What a part is begun with before anybody has set it: textbook values, each the nearest of E12.

// Between what spares the tweeter at second order and where the woofer beams, else at what spares it.
[[nodiscard]] double startingSplit_hz(const StageResult& stage, const SplitPair& pair, const Practice& practice);
// A capacitor in a driver's lead: at that split where it takes over in this pair, else where a door usually begins.
[[nodiscard]] double startingCapacitor_f(const StageResult& stage, const RunResult& run,
                                         const std::optional<SplitPair>& pair, const Practice& practice);
// A resistor in a driver's lead: some 4 dB from one of 4 ohms.
inline constexpr double kStartingResistor_ohm = 2.2;
// Parts across a speaker: of a tweeter its resonance, of any other the rise of its coil; nothing where it has none.
[[nodiscard]] std::optional<SeriesBranch> startingAcross(const RunResult& run, const Practice& practice);
// Of a channel's own switches.   source  common practice, no source
inline constexpr double kStartingHighPass_hz = 80.0, kStartingLowPass_hz = 2500.0;
// One that is there and that nobody has read, where it is to be set to something.
// requires a kind that is bought by a value
[[nodiscard]] double startingValue(ElementKind kind);

}  // namespace core
