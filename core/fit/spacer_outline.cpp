#include "core/fit/spacer_outline.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/base/angle.h"
#include "core/fit/screw_holes.h"
#include "core/practice/practice_shapes.h"

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

// Of material between any hole of one pattern and any of the other.
double between_m(const std::vector<OutlineHole>& some, const std::vector<OutlineHole>& others)
{
    double least_m = std::numeric_limits<double>::infinity();
    for (const OutlineHole& a : some)
        for (const OutlineHole& b : others) least_m = std::min(least_m, apart_m(a, b));
    return least_m;
}

std::vector<OutlineHole> holesOf(const ScrewPattern& pattern, double across_m, bool pilot)
{
    std::vector<OutlineHole> holes;
    for (const ScrewHole& hole : pattern.holes) holes.push_back({hole.u_m, hole.v_m, across_m, pilot});
    return holes;
}

// The turn nearest to the wanted one that leaves two holes' widths between them, else the one that leaves most.
double turnApart_deg(const ScrewPattern& driver, double pilot_m, const std::vector<OutlineHole>& vehicle,
                     double wanted_deg)
{
    constexpr double kStep_deg = 0.5, kMost_deg = 180.0;
    double wide_m = pilot_m;
    for (const OutlineHole& hole : vehicle) wide_m = std::max(wide_m, hole.across_m);
    double best_deg = wanted_deg, best_m = -std::numeric_limits<double>::infinity();
    for (double by_deg = 0.0; by_deg <= kMost_deg; by_deg += kStep_deg)
        for (const double turn_deg : {wanted_deg + by_deg, wanted_deg - by_deg}) {
            const double left_m = between_m(holesOf(turned(driver, turn_deg * kDegree_rad), pilot_m, true), vehicle);
            if (left_m >= 2.0 * wide_m) return turn_deg;
            if (left_m > best_m + 1e-9) {
                best_m = left_m;
                best_deg = turn_deg;
            }
        }
    return best_deg;
}

void addHoles(SpacerOutline& outline, const Place& place, const Mount& mount, const DriverFit& fit,
              const Practice& practice)
{
    outline.turn_deg = mount.turn_deg.value_or(fit.turn ? fit.turn->turn_deg : 0.0);
    const auto driver = patternOf(fit.body), vehicle = patternOf(place.room);
    // Rings are cut from plastic or wood; what a boss of plastic wants suits both.
    const double pilot_m = pilotDrill_m(practice[PracticeKey::Screw_m], Bites::Plastic, {}, pilotPractice(practice));
    const double through_m =
        valueOf(place.room, Quantity::ScrewHole_m).value_or(practice[PracticeKey::Screw_m] + kPlay_m);
    const auto there = vehicle ? holesOf(*vehicle, through_m, false) : std::vector<OutlineHole>{};
    if (driver && vehicle) {
        const PatternMatch match =
            matchAt(*driver, *vehicle, outline.turn_deg * kDegree_rad, practice[PracticeKey::HoleTolerance_m]);
        outline.oneScrew = match.matched == static_cast<int>(driver->holes.size());
        if (!outline.oneScrew && !mount.turn_deg)
            outline.turn_deg = turnApart_deg(*driver, pilot_m, there, outline.turn_deg);
    }
    if (driver)
        outline.holes = holesOf(turned(*driver, outline.turn_deg * kDegree_rad), outline.oneScrew ? through_m : pilot_m,
                                !outline.oneScrew);
    if (!outline.oneScrew) outline.holes.insert(outline.holes.end(), there.begin(), there.end());
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
    addHoles(outline, place, mount, fit, practice);
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
    outline.turn_deg = -outline.turn_deg;
    return outline;
}

}  // namespace core
