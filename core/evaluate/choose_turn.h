#pragma once

#include "core/model/driver_fit.h"

namespace core {

// Directions seen from the front of the place, degrees counter-clockwise from the right. What is absent is no wish.
struct TurnQuestion {
    std::vector<double> turns_deg{};        // that the screws allow; none: any
    std::optional<double> terminal_deg{};   // where the driver's terminals are
    std::optional<double> badge_deg{};      // where the top of its badge is
    std::optional<double> wireExit_deg{};   // where the vehicle's wire comes from
    std::optional<double> glassSide_deg{};  // where what lies behind comes nearest
};

// The turn that keeps the most important wishes: terminals down, towards the wire, away from the glass, badge upright;
// of those that keep the same, the one nearest to the wishes it keeps, then the smallest.
// source  common practice, no source: within 45, 60, 90 and 10 degrees
[[nodiscard]] TurnChoice chooseTurn(const TurnQuestion& question);

}  // namespace core
