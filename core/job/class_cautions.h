#pragma once

#include <vector>

#include "core/job/step.h"

namespace core {

// What belongs to this kind of vehicle and to no other, at the step where it can hurt.

[[nodiscard]] std::vector<Caution> powerDownCautions(const Body& body);
// Before trim comes off.
[[nodiscard]] std::vector<Caution> openingCautions(const Body& body);
// Wherever something is drilled, sawn or led through; and what else there is to say.
[[nodiscard]] std::vector<Caution> cuttingCautions(const Body& body, std::vector<Caution> more);
[[nodiscard]] std::vector<Caution> trialCautions(const Body& body);
// Loud tones: in a cabin they are louder than anybody expects.
[[nodiscard]] Caution hearingCaution(const Body& body, const Practice& practice);

}  // namespace core
