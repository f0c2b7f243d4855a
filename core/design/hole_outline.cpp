#include "core/design/hole_outline.h"

#include <algorithm>

#include "core/base/threshold.h"
#include "core/edits/aim_edits.h"
#include "core/fitout/complete.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/fitout/surface_under.h"

namespace core {

HoleOutline holeOn(const Surface& surface, const Vec3& at_m)
{
    const auto measures = edgeMeasures(surface, at_m);
    const std::array<double, 2> size{length(surface.along_m), length(surface.across_m)};
    const size_t down = measures[1].edge == FromEdge::Top || measures[0].edge == FromEdge::Outer ? 1 : 0;
    HoleOutline outline{.surface = surface.name,
                        .left = middleOf(surface).y >= 0.0,
                        .across = measures[1 - down],
                        .down = measures[down],
                        .wide_m = size[1 - down],
                        .high_m = size[down],
                        .worst = surface.basis.origin};
    outline.fromLeft = (outline.across.edge == FromEdge::Front) != outline.left;
    return outline;
}

std::optional<HoleOutline> holeOutline(const StageResult& stage, DeviceId device,
                                       const std::map<SurfaceId, Surface>& mounts, const Practice& practice)
{
    const auto frame = frameOf(stage.used, device);
    const auto fit = stage.fits.find(device);
    if (!frame || fit == stage.fits.end()) return std::nullopt;
    const SurfaceId on = surfaceUnder(mounts, frame->at_m);
    if (!on) return std::nullopt;
    HoleOutline outline = holeOn(mounts.at(on), frame->at_m);
    const Known &body = fit->second->body.at(Quantity::Basket_m), &flange = fit->second->body.at(Quantity::Flange_m);
    outline.body_m = body.value;
    outline.flange_m = flange.value;
    outline.worst = std::max({outline.worst, body.basis.origin, flange.basis.origin});
    // A hole for the body, never for the dome; where no hole leaves the screws their metal, as little as lets it in.
    if (const auto& hole = fit->second->hole) {
        outline.hole_m = hole->plan.cut_m;
        outline.sawn = hole->plan.saw_m.has_value();
        if (!hole->ovalCut) outline.saws = sawsFor(hole->limits, body.value, practice[PracticeList::HoleSaw_m]);
        if (hole->there_m && over(*hole->there_m, flange.value)) outline.gap_m = 0.5 * (*hole->there_m - flange.value);
    } else {
        constexpr double kLeast_m = 0.001;
        outline.hole_m = body.value + kLeast_m;
    }
    outline.toEdge_m = std::min({outline.across.from_m, outline.wide_m - outline.across.from_m, outline.down.from_m,
                                 outline.high_m - outline.down.from_m}) -
                       0.5 * outline.hole_m;
    outline.mayCrack = under(outline.toEdge_m, practice[PracticeKey::EdgeLeft_m]);
    outline.needed_m = fit->second->body.at(Quantity::Depth_m).value + fit->second->wantedDepth_m;
    if (const Place* place = placeOf(stage.used, device))
        if (place->frame.at_m == frame->at_m) outline.behind_m = valueOf(place->room, Quantity::Depth_m);
    return outline;
}

}  // namespace core
