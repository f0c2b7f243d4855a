#pragma once

#include <QString>

#include "core/design/noise.h"
#include "core/model/vehicle.h"
#include "core/practice/practice.h"

// What a vehicle's use does to what is built into it.
namespace words {

[[nodiscard]] QString nameOf(core::Demand demand);
[[nodiscard]] QString nameOf(core::Extra extra);
// What is done against it, and how it is tried, as steps.
[[nodiscard]] QString protectionAgainst(core::Demand demand);
[[nodiscard]] QString proofAgainst(core::Demand demand);
// Each band's loudest mean over the noise of driving; the ones that drown named.
[[nodiscard]] QString textOf(const core::OverNoise& bands);
// The same in short, of the bands that a speaker high up plays.
[[nodiscard]] QString briefOf(const core::OverNoise& bands);

}  // namespace words
