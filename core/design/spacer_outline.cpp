#include "core/design/spacer_outline.h"

#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/physics/fixing.h"

namespace core {
namespace {

constexpr double kPlay_m = 0.001;  // round the body, each side

ScrewPattern turned(ScrewPattern pattern, double turn_rad)
{
    for (ScrewHole& hole : pattern.holes)
        hole = {hole.u_m * std::cos(turn_rad) - hole.v_m * std::sin(turn_rad),
                hole.u_m * std::sin(turn_rad) + hole.v_m * std::cos(turn_rad)};
    return pattern;
}

double apart_m(const OutlineHole& a, const OutlineHole& b)
{
    return std::hypot(a.u_m - b.u_m, a.v_m - b.v_m) - 0.5 * (a.across_m + b.across_m);
}

double leastLand_m(const SpacerOutline& outline)
{
    double least_m = 0.5 * (outline.outside_m - outline.inside_m);
    for (size_t i = 0; i < outline.holes.size(); ++i) {
        const OutlineHole& hole = outline.holes[i];
        const double from_m = std::hypot(hole.u_m, hole.v_m), half_m = 0.5 * hole.across_m;
        least_m =
            std::min({least_m, from_m - half_m - 0.5 * outline.inside_m, 0.5 * outline.outside_m - from_m - half_m});
        for (size_t j = 0; j < i; ++j)
            // A hole of the vehicle under one of the driver is one hole.
            if (const double land_m = apart_m(hole, outline.holes[j]); land_m > 0.0)
                least_m = std::min(least_m, land_m);
    }
    return least_m;
}

}  // namespace

SpacerOutline spacerOutline(const Place& place, const Mount& mount, const DriverFit& fit, double thickness_m,
                            const Practice& practice)
{
    const auto body = [&](Quantity what) { return fit.body.at(what).value; };
    SpacerOutline outline{.thickness_m = thickness_m};
    outline.inside_m = body(Quantity::Basket_m) + 2.0 * kPlay_m;
    // Where the opening is wider than the flange the ring has to reach over it.
    outline.outside_m = std::max(body(Quantity::Flange_m), fit.hole ? fit.hole->ringOutside_m.value_or(0.0) : 0.0);
    const double turn_deg = mount.turn_deg.value_or(fit.turn ? fit.turn->turn_deg : 0.0);
    if (const auto driver = patternOf(fit.body)) {
        const double pilot_m = pilotDrill_m(practice[PracticeKey::Screw_m], practice[PracticeKey::PilotDrill_ratio]);
        for (const ScrewHole& hole : turned(*driver, turn_deg * kDegree_rad).holes)
            outline.holes.push_back({hole.u_m, hole.v_m, pilot_m, true});
    }
    if (const auto vehicle = patternOf(place.room)) {
        const double through_m =
            valueOf(place.room, Quantity::ScrewHole_m).value_or(practice[PracticeKey::Screw_m] + kPlay_m);
        for (const ScrewHole& hole : vehicle->holes) outline.holes.push_back({hole.u_m, hole.v_m, through_m, false});
    }
    outline.wire_m = practice[PracticeKey::WireHole_m];
    outline.wire_deg = valueOf(place.room, Quantity::WireExit_deg).value_or(outline.wire_deg);
    outline.relief_m = valueOf(place.room, Quantity::Stump_m).value_or(0.0);
    outline.leastLand_m = leastLand_m(outline);
    return outline;
}

SpacerOutline mirrored(SpacerOutline outline)
{
    for (OutlineHole& hole : outline.holes) hole.u_m = -hole.u_m;
    outline.wire_deg = 180.0 - outline.wire_deg;
    return outline;
}

}  // namespace core
