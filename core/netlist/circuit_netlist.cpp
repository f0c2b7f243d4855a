#include "core/netlist/circuit_netlist.h"

#include <fmt/format.h>

#include "core/model/names.h"

namespace core {

Netlist circuitNetlist(const Circuit& circuit, const std::string& title)
{
    Netlist netlist{.title = title, .network = circuit.network};
    for (size_t node = 0; node < netlist.network.nodeNames.size(); ++node)
        netlist.network.nodeNames[node] = std::to_string(node);
    netlist.comments.push_back(
        fmt::format("channel {}: node {} is its plus, node 0 its minus", textOf(circuit.channel), circuit.terminal));
    for (const CircuitTap& tap : circuit.taps)
        netlist.comments.push_back(
            fmt::format("{} {} between nodes {} and {}", textOf(tap.kind), textOf(tap.element), tap.plus, tap.minus));
    return netlist;
}

}  // namespace core
