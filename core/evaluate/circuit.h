#pragma once

#include <optional>
#include <vector>

#include "core/model/evaluation.h"
#include "core/physics/network.h"
#include "core/practice/practice.h"

namespace core {

// Where a coil or a part stands in a channel's network.
struct CircuitTap {
    Port element{};
    ElementKind kind = ElementKind::Coil;
    int plus = 0, minus = 0;       // nodes
    size_t part = 0;               // the capacitor, inductor or resistor itself among the network's elements
    std::optional<size_t> loss{};  // the resistor that stands for its losses
};

// One channel as a network: a one-volt source behind its output resistance, everything that its terminals reach, coils
// as their equivalent circuits. Node 0 is the channel's minus; another channel in the same circuit is its output
// resistance.
struct Circuit {
    Port channel{};
    Network network{};
    size_t source = 0;  // the source among the elements
    int terminal = 0;   // the channel's plus, behind the output resistance
    std::vector<CircuitTap> taps{};
};

// Nothing for a channel whose terminals are joined by a wire: a dead short has no network (its load is zero).
[[nodiscard]] std::optional<Circuit> circuitOf(const Fitout& fitout, const Port& channel, const Practice& practice);

// The channels of a stage: every output of every device.
[[nodiscard]] std::vector<Port> channels(const Fitout& fitout);

}  // namespace core
