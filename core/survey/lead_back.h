#pragma once

#include <vector>

#include "core/model/evaluation.h"

namespace core {

// The way from a driver's terminal back to what feeds it, through plugs and leads.
struct LeadBack {
    std::vector<WireId> wires{};  // nearest the driver first; none: nothing comes to it
    Pin arrival{};  // where what is this driver's alone begins: its own pin, or that of the plug before it
    Pin from{};     // a source's pin, another driver's, or where the way is lost
};
[[nodiscard]] LeadBack leadBack(const Fitout& fitout, const Pin& pin);

// The colour of the lead to this terminal, nearest the driver first; empty if nobody said.
[[nodiscard]] std::string leadColour(const Fitout& fitout, const Pin& pin);

}  // namespace core
