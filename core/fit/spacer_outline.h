#pragma once

#include <optional>
#include <vector>

#include "core/fit/fit_of.h"

namespace core {

// A hole of a spacer to be drilled, seen from the front, from the centre of the opening: u to the right, v up.
struct OutlineHole {
    double u_m = 0.0, v_m = 0.0, across_m = 0.0;
    bool pilot = false;  // for the driver's screws; else right through
    bool operator==(const OutlineHole&) const = default;
};

// A spacer or ring that somebody makes: what a template shows at 1:1.
struct SpacerOutline {
    double outside_m = 0.0, inside_m = 0.0, thickness_m = 0.0;
    std::vector<OutlineHole> holes{};
    double wire_deg = 270.0, wire_m = 0.0;  // the way out for the cable: where, and how wide
    double turn_deg = 0.0;                  // of the driver on it
    bool oneScrew = false;                  // one long screw goes through driver and ring into the vehicle
    double relief_m = 0.0;                  // what stands up under it and has to be cut free
    double leastLand_m = 0.0;               // of material between any hole and a rim or another hole
    // Less than this beside a hole breaks out under the screw; common practice, no source.
    static constexpr double kStout_m = 0.003;
    [[nodiscard]] bool thin() const { return leastLand_m < kStout_m; }
};

// Where every hole of the driver meets one of the vehicle's, one hole goes through and one long screw. Elsewhere the
// driver is turned, as little as it takes, until there are two holes' widths of material between its screws and the
// vehicle's; or as far apart as they come. A turn that somebody decided stays.
// What a spacer of this thickness has to be for this driver at this place: its hole clears the body, its rim covers the
// flange and the opening, the driver's screws at the turn that was chosen and the vehicle's holes beside them.
[[nodiscard]] SpacerOutline spacerOutline(const Place& place, const Mount& mount, const DriverFit& fit,
                                          double thickness_m, const Practice& practice);

// The same for the vehicle's other side.
[[nodiscard]] SpacerOutline mirrored(SpacerOutline outline);

}  // namespace core
