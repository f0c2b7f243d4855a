#pragma once

#include <functional>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// The wiring as a graph: nodes are pins (terminals and inner nodes of devices), edges are elements and wires.
struct GraphEdge {
    int a = 0, b = 0;
    ElementKind kind = ElementKind::Link;  // wires are links
    Port element{};                        // of a device; device 0 for a wire
    WireId wire{};
    bool operator==(const GraphEdge&) const = default;
};

struct WiringGraph {
    std::vector<Pin> pins{};
    std::vector<GraphEdge> edges{};
    std::vector<std::vector<int>> edgesAt{};  // by pin
    bool operator==(const WiringGraph&) const = default;
};

[[nodiscard]] WiringGraph wiringGraph(const Fitout& fitout);

// The runs of a stage, by channel and coil. A loop-through, two coils on a channel, a bypass: all read off the same
// way.
[[nodiscard]] std::vector<Run> runs(const Fitout& fitout);
[[nodiscard]] std::vector<Run> runs(const WiringGraph& graph);

// Channels of which a terminal shares a net with another channel's.
[[nodiscard]] std::vector<std::pair<Port, Port>> joinedOutputs(const Fitout& fitout);

// The nets of a graph: pins joined by wires and links have one number. `joins` says which edges join.
[[nodiscard]] std::vector<int> nets(const WiringGraph& graph, const std::function<bool(const GraphEdge&)>& joins);

}  // namespace core
