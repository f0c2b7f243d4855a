#pragma once

#include "core/model/driver_fit.h"

namespace core {

// How far off a wish still counts as kept, degrees.
struct TurnWithin {
    double down_deg = 45.0, wire_deg = 60.0, glass_deg = 90.0, badge_deg = 10.0;
};

// Directions seen from the front of the place, degrees counter-clockwise from the right. What is absent is no wish.
struct TurnQuestion {
    std::vector<double> turns_deg{};        // that the screws allow; none: any
    std::optional<double> terminal_deg{};   // where the driver's terminals are
    std::optional<double> badge_deg{};      // where the top of its badge is
    std::optional<double> wireExit_deg{};   // where the vehicle's wire comes from
    std::optional<double> glassSide_deg{};  // where what lies behind comes nearest
    TurnWithin within{};
};

// The turn that keeps the most important wishes: terminals down, towards the wire, away from the glass, badge upright;
// of those that keep the same, the one nearest to the wishes it keeps, then the smallest.
[[nodiscard]] TurnChoice chooseTurn(const TurnQuestion& question);

}  // namespace core
