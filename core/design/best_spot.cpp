#include "core/design/best_spot.h"

#include "core/design/mount_surfaces.h"
#include "core/design/spots.h"
#include "core/edits/aim_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/sides.h"

namespace core {

std::optional<Edit> bestSpot(const Plan& plan, const Practice& practice, const UsualVehicles& vehicles, DeviceId device,
                             const std::stop_token& stop)
{
    constexpr double kWorthIt_points = 1.0;  // less is inside what the map knows: ours, no source
    const Evaluation evaluation = evaluateJob(plan, practice);
    const StageResult& stage = *evaluation.stages.at(plan.job.goal);
    if (!findRunOfDevice(stage, device) || stage.used.listeners.empty()) return std::nullopt;
    const std::map<SurfaceId, Surface> mounts = mountsOf(stage.used, vehicles, evaluation.practice);
    const auto map = mapSpots(stage, evaluation.practice,
                              {.device = device, .seats = {stage.used.listeners.begin()->first}, .surfaces = mounts}, stop);
    if (!map) return std::nullopt;
    // The spot of a driver in a closed zone is no measure for others.
    const Place* place = placeOf(stage.used, device);
    const bool mayStay = !place || !closedAt(stage.used, place->kind, map->now->frame.at_m, evaluation.practice);
    const std::vector<Spot> best = map->best(1);
    if (best.empty() || (mayStay && best.front().points < map->now->points + kWorthIt_points)) return std::nullopt;
    return putDriverOn(plan, device, best.front().frame, mounts.at(best.front().surface));
}

}  // namespace core
