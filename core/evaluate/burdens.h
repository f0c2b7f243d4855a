#pragma once

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

// What every capacitor, inductor and resistor of a channel's circuit bears with the source at its limit.
// channel  with its gain, its source limits and its worst origin already set
[[nodiscard]] std::vector<PartBurden> partBurdens(const Circuit& circuit, const NetworkSolution& solution,
                                                  const CircuitResult& channel, const GridTables& tables,
                                                  const Practice& practice);

}  // namespace core
