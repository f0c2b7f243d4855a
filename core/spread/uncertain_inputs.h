#pragma once

#include <span>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// How far a completed figure may be off, relative, or in dB where it is a level: as it says itself, else what practice
// says of its origin.      requires that the figures have it
[[nodiscard]] double spreadOf(Quantity quantity, const Figures& figures, const Practice& practice);

// Every value of a stage that its sound or its loads follow from, completed, with how far off it may be: as its own
// figure says, else what practice says of its origin. In the order of their addresses.
[[nodiscard]] std::vector<UncertainInput> uncertainInputs(const Fitout& fitout, const Practice& practice);

// The same stage with every completed figure written into it, so that nothing is filled in after a change.
[[nodiscard]] Fitout settled(const Fitout& fitout, const Practice& practice);

// Moves one value by a share of its spread: -1 to its lower end, +1 to its upper.      requires a settled fitout
void shift(Fitout& settled, const UncertainInput& input, double share);

}  // namespace core
