#pragma once

#include "core/model/part.h"
#include "core/physics/compensation.h"

namespace core {

// What is made across a speaker: its pair passes, and right before it resistor, coil and capacitor lie in series from
// plus to minus: R and C take away the rise of its coil, all three its resonance, R alone pads it.
inline constexpr const char* kPartsAcross = "parts across the speaker";

// From in to out, each with its plus and minus.
// requires one of the three
[[nodiscard]] Part partAcross(const SeriesBranch& branch);
[[nodiscard]] bool isBranchAcross(const Part& part);

}  // namespace core
