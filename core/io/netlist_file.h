#pragma once

#include <iosfwd>

#include "core/evaluate/circuit.h"

namespace core {

// Writes a channel's circuit as a netlist that general circuit simulators read: title, what each node is, one element a
// line, values as the shortest text that reads back equal, `.ac dec 160 20 20k` (the 481 points of the grid), `.end`.
void writeNetlist(std::ostream& out, const Circuit& circuit, const std::string& title);

}  // namespace core
