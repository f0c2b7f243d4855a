#pragma once

#include "core/base/outcome.h"

namespace core {

inline constexpr double kSineCrest_db = 3.0102999566398120;  // 20 log sqrt 2
inline constexpr double kSineAsTyped_db = 3.0095;            // 3.01 and 3.0103, as people type it, is still a sine
inline constexpr double kProgrammeCrest_db = 6.0;            // from here on amplitudes are taken as Gaussian

inline constexpr double kRunning_v = 13.8;  // at the battery with the engine on; common practice, no source

enum class OutputStage { ClassB, TwoRail };

// Ideal efficiency with a sine of x = peak / largest unclipped peak, 0 < x <= 1. Two rails: the lower one at the
// fraction a of the full one.  B: (pi/4) x;  two rails: (pi/4) x/a up to a, then pi x / (4 (a (1 - cos t) + cos t)),
// t = asin(a / x)
// source  integrals of the ideal stage; D. Self, "Audio Power Amplifier Design"
[[nodiscard]] double sineEfficiency(OutputStage stage, double drive, double lowerRail);

// The same with programme of crest factor CF dB that just touches clip, Gaussian amplitudes from 6 dB on, s =
// 10^(-CF/20):  B: sqrt(pi/2) s;  two rails: sqrt(pi/2) s / (a + (1 - a) exp(-a^2 / (2 s^2))). From 3.01 to 6 dB linear
// in CF between the full sine and that; below, clipped: towards 1 at a square wave (0 dB).
// requires crest >= 0      warnings  ClippedProgramme (below 3.0103 dB)
[[nodiscard]] Answer<double> programmeEfficiency(OutputStage stage, double crestFactor_db, double lowerRail);

}  // namespace core
