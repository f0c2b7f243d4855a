#pragma once

#include "core/evaluate/circuit.h"
#include "core/netlist/netlist_file.h"

namespace core {

// A channel's circuit as a netlist: nodes go by number, as names of terminals hold signs that the format has other uses
// for; comments say what each node is.
[[nodiscard]] Netlist circuitNetlist(const Circuit& circuit, const std::string& title);

}  // namespace core
