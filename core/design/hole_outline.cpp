#include "core/design/hole_outline.h"

#include <algorithm>

#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"

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
                                       const std::map<SurfaceId, Surface>& mounts)
{
    const auto frame = frameOf(stage.used, device);
    const auto fit = stage.fits.find(device);
    if (!frame || fit == stage.fits.end()) return std::nullopt;
    const SurfaceId under = surfaceUnder(mounts, frame->at_m);
    if (!under) return std::nullopt;
    HoleOutline outline = holeOn(mounts.at(under), frame->at_m);
    const Known &body = fit->second->body.at(Quantity::Basket_m), &flange = fit->second->body.at(Quantity::Flange_m);
    outline.body_m = body.value;
    outline.flange_m = flange.value;
    outline.worst = std::max({outline.worst, body.basis.origin, flange.basis.origin});
    // A hole for the body, never for the dome; where no hole leaves the screws their metal, as little as lets it in.
    if (const auto& hole = fit->second->hole) {
        outline.hole_m = hole->plan.cut_m;
        outline.sawn = hole->plan.saw_m.has_value();
    } else {
        constexpr double kLeast_m = 0.001;
        outline.hole_m = body.value + kLeast_m;
    }
    return outline;
}

}  // namespace core
