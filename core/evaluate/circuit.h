#pragma once

#include <optional>
#include <vector>

#include "core/fitout/wiring_graph.h"
#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// Nothing for a channel whose terminals are joined by a wire: a dead short has no network (its load is zero).
[[nodiscard]] std::optional<Circuit> circuitOf(const Fitout& fitout, const Port& channel, const Practice& practice);
// graph  of this fitout
[[nodiscard]] std::optional<Circuit> circuitOf(const Fitout& fitout, const WiringGraph& graph, const Port& channel,
                                               const Practice& practice);

// Of one core, as it counts in circuits: a wire with length and cross-section is a resistance; any other is a contact.
[[nodiscard]] std::optional<double> wireResistance_ohm(const Wire& wire, const Practice& practice);

// The channels of a stage: every output of every device.
[[nodiscard]] std::vector<Port> channels(const Fitout& fitout);

}  // namespace core
