#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// Where a driver is not as the original was: what a restoration has to answer for.
struct Deviation {
    std::optional<Quantity> what{};  // nothing: the plug
    std::optional<double> original{}, now{};
    Origin worst = Origin::Measured;
    std::string plugWas{}, plugIs{};
};

// Impedance, resistance, sensitivity, resonance, top of the band, power, depth, body, flange, screws, mass and plug, in
// that order; those that differ by more than a twentieth, a sensitivity by more than half a dB. What only a class says
// of both is no deviation.
[[nodiscard]] std::vector<Deviation> deviationsFrom(const Part& original, const Part& part, const Practice& practice);

}  // namespace core
