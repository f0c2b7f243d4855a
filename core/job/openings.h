#pragma once

#include <set>

#include "core/model/evaluation.h"

namespace core {

// Places that are opened together, since a panel is on the way to several of them.
struct Opening {
    std::vector<PlaceId> places{};
    std::vector<PanelId> panels{};  // in the order they come off; none: nobody noted the way in
    bool operator==(const Opening&) const = default;
};

// A box of its own, and what is nowhere in particular, has no trim to be opened.
[[nodiscard]] bool hasTrim(const Opening& opening, const Fitout& fitout);

// Each panel once, one side of the vehicle before the other: left, right, then what spans both.
[[nodiscard]] std::vector<Opening> openingsFor(const std::set<PlaceId>& places, const Fitout& fitout);

}  // namespace core
