#pragma once

#include <vector>

#include "core/model/evaluation.h"

namespace core {

// Where a lead begins or ends: at a source, or at a place.
struct LeadEnd {
    DeviceId source{};
    PlaceId place{};
    auto operator<=>(const LeadEnd&) const = default;
};

// A pair of wires as a fitter sees it in the vehicle: it comes from a source, or hangs on what is at another place, and
// ends at a place or at the next source. Plugs, filters and joints that have no place of their own are part of it.
struct Lead {
    LeadEnd from{}, to{};
    std::vector<WireId> wires{};  // all that it is made of, in ascending order
    bool plug = false;            // it ends in a plug that a hand can pull
    bool operator==(const Lead&) const = default;
};

// What hangs on what, the nearest to a source first. What no wire reaches has no lead.
[[nodiscard]] std::vector<Lead> leads(const Fitout& fitout);

}  // namespace core
