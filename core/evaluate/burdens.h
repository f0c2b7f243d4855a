#pragma once

#include "core/evaluate/circuit.h"

namespace core {

// What every capacitor, inductor and resistor of a channel's circuit bears with the source at its limit.
// channel  with its gain, its source limits and its worst origin already set
[[nodiscard]] std::vector<PartBurden> partBurdens(const Circuit& circuit, const NetworkSolution& solution,
                                                  const CircuitResult& channel, const Fitout& fitout,
                                                  const Practice& practice);

}  // namespace core
