#pragma once

#include <optional>
#include <span>

namespace core {

// The hole that a fastener is turned, pressed or drawn into. All in metres; drills to a tenth of a millimetre.

// What it bites in.
enum class Bites { Sheet, Plastic, Wood };

// How much of the thread's depth a drill takes away: in thin sheet only a little, since so few turns bite.
struct PilotPractice {
    std::span<const double> sheet_m{};      // up to this thickness, rising
    std::span<const double> threadShare{};  // of the thread's depth, one more than there are thicknesses
    double plastic_ratio = 0.8;             // of the outer diameter
    double wood_ratio = 0.7;                // of the outer diameter
};

// The core of a tapping screw's thread, between the sizes of the standard by a straight line, outside by their ratio.
// source  ISO 1478, tapping screw threads: greatest outer and core diameter of ST2.2 to ST6.3, from memory
[[nodiscard]] double coreDiameter_m(double screw_m);

// core + share (screw - core) in sheet; a share of the screw in plastic and wood.
// sheet_m  nothing: as thin as sheet is
// source   wood: EN 1995-1-1, 10.4.5 (70 % of the shank); sheet and plastic: common practice, no source
// requires screw_m > 0
[[nodiscard]] double pilotDrill_m(double screw_m, Bites bites, std::optional<double> sheet_m,
                                  const PilotPractice& practice);

// The drill before a tap, metric coarse: the diameter less the pitch; nothing where M3 to M8 has no such size.
// source  ISO 261 (pitches), ISO 2306 (drills for tapping)
[[nodiscard]] std::optional<double> tapDrill_m(double thread_m);

// For a blind rivet: its diameter and a tenth of a millimetre.      source  common practice, no source
[[nodiscard]] double rivetDrill_m(double rivet_m);

// For a rivet nut of this thread: M4 6 mm, M5 7 mm, M6 9 mm; nothing for another.  source  common practice, no source
[[nodiscard]] std::optional<double> rivetNutDrill_m(double thread_m);

}  // namespace core
