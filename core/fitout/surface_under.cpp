#include "core/fitout/surface_under.h"

#include <cmath>

namespace core {

SurfaceId surfaceUnder(const std::map<SurfaceId, Surface>& surfaces, const Vec3& at_m)
{
    constexpr double kHand_m = 0.06, kPast_ratio = 0.05;  // ours, no source
    SurfaceId nearest{};
    double least_m = kHand_m;
    for (const auto& [id, surface] : surfaces) {
        const Vec3 from = at_m - surface.corner_m;
        const auto share = [&](const Vec3& edge) { return dot(from, edge) / dot(edge, edge); };
        const auto within = [](double part) { return part > -kPast_ratio && part < 1.0 + kPast_ratio; };
        const Vec3 normal = cross(surface.along_m, surface.across_m);
        const double away_m = std::abs(dot(from, normal)) / length(normal);
        if (!within(share(surface.along_m)) || !within(share(surface.across_m)) || away_m >= least_m) continue;
        least_m = away_m;
        nearest = id;
    }
    return nearest;
}

}  // namespace core
