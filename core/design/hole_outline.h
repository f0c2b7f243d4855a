#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/base/threshold.h"
#include "core/design/edge_measure.h"
#include "core/model/evaluation.h"
#include "core/physics/cutout.h"
#include "core/practice/practice.h"

namespace core {

// The hole of a driver on its surface, as a hand sees it from the seats.
struct HoleOutline {
    std::string surface{};
    bool left = true;                 // side of the vehicle
    EdgeMeasure across{}, down{};     // from the edge at its own side of the page, and from the upper one
    bool fromLeft = true;             // the edge of `across` is the left one, else the right one
    double wide_m = 0.0, high_m = 0.0;  // of the surface
    double hole_m = 0.0;              // cut
    bool sawn = false;                // a saw that is owned gives it; else by template
    double body_m = 0.0, flange_m = 0.0;
    std::vector<SawFit> saws{};           // of those that are owned, about that hole
    double toEdge_m = 0.0;                // what stays of the surface between the hole and its nearest edge; <= 0: none
    bool mayCrack = false;                // less than practice asks for
    std::optional<double> gap_m{};        // an opening that is there shows so far past the flange
    std::optional<double> behind_m{};     // room there, as far as anybody knows
    double needed_m = 0.0;                // of it, by the driver and its margin
    Origin worst = Origin::Measured;  // of the surface and the driver's measures
    // It may crack, an old opening shows, or there is no room for it.
    [[nodiscard]] bool isWrong() const { return mayCrack || gap_m || (behind_m && under(*behind_m, needed_m)); }
};

// As a face is looked at: its upper edge up, a level one's front edge up; a flank's front is at the right on the left
// side of the vehicle, at the left on the right one.
[[nodiscard]] HoleOutline holeOn(const Surface& surface, const Vec3& at_m);
// Nothing where the driver is on no surface, or has no place to be fitted at.
[[nodiscard]] std::optional<HoleOutline> holeOutline(const StageResult& stage, DeviceId device,
                                                     const std::map<SurfaceId, Surface>& mounts,
                                                     const Practice& practice);

}  // namespace core
