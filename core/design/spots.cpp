#include "core/design/spots.h"

#include <algorithm>
#include <cmath>

#include "core/model/aim.h"

namespace core {
namespace {

using SpotAt = std::pair<SurfaceId, Vec3>;

// An even grid of cells of about this edge over everything mountable, their middles a little towards the heads.
std::vector<SpotAt> gridOver(const std::map<SurfaceId, Surface>& surfaces, double step_m, const Vec3& middle)
{
    std::vector<SpotAt> spots;
    for (const auto& [id, surface] : surfaces) {
        const auto cells = [&](const Vec3& edge) { return std::max(1, int(std::lround(length(edge) / step_m))); };
        const int columns = cells(surface.along_m), rows = cells(surface.across_m);
        Vec3 normal = cross(surface.along_m, surface.across_m);
        normal = (1.0 / length(normal)) * normal;
        if (dot(middle - surface.corner_m, normal) < 0.0) normal = -1.0 * normal;
        for (int row = 0; row < rows; ++row)
            for (int column = 0; column < columns; ++column)
                spots.emplace_back(id, surface.corner_m + ((column + 0.5) / columns) * surface.along_m +
                                           ((row + 0.5) / rows) * surface.across_m + kStandOff_m * normal);
    }
    return spots;
}

// About so many of them on the driver's own side; its twin has the other one.
std::vector<SpotAt> spotsOnSide(const std::map<SurfaceId, Surface>& surfaces, int count, bool left, const Vec3& middle)
{
    double area_m2 = 0.0;
    for (const auto& [id, surface] : surfaces)
        area_m2 += length(cross(surface.along_m, surface.across_m));
    if (!(area_m2 > 0.0)) return {};
    const auto onSide = [&](double step_m) {
        std::vector<SpotAt> spots = gridOver(surfaces, step_m, middle);
        std::erase_if(spots, [&](const SpotAt& spot) { return left ? spot.second.y < 0.0 : spot.second.y > 0.0; });
        return spots;
    };
    const double step_m = std::sqrt(area_m2 / std::max(1, count));
    const size_t first = onSide(step_m).size();
    return first == 0 ? onSide(step_m) : onSide(step_m * std::sqrt(double(first) / std::max(1, count)));
}

}  // namespace

std::vector<Spot> SpotMap::best(size_t most, double apart_m) const
{
    std::vector<Spot> ranked = spots, chosen;
    std::stable_sort(ranked.begin(), ranked.end(), [](const Spot& a, const Spot& b) { return a.points > b.points; });
    for (const Spot& spot : ranked) {
        if (chosen.size() == most) break;
        const bool far = std::all_of(chosen.begin(), chosen.end(), [&](const Spot& other) {
            return distance(spot.frame.at_m, other.frame.at_m) >= apart_m &&
                   distance(spot.frame.at_m, mirrored(other.frame).at_m) >= apart_m;
        });
        if (far) chosen.push_back(spot);
    }
    return chosen;
}

std::optional<SpotMap> mapSpots(const StageResult& stage, const Practice& practice, const SpotTask& task,
                                const std::stop_token& stop, const std::function<void(double)>& progress)
{
    SpotMap map{.weights = task.weights.value_or(usualWeights(practice))};
    SpotJudge judge(stage, practice, task.device, task.seats);
    map.now = judge.judge({}, judge.standing(), map.weights);
    const auto grid = spotsOnSide(task.surfaces, task.count, judge.standing().at_m.y >= 0.0, judge.middle());
    for (size_t i = 0; i < grid.size(); ++i) {
        if (stop.stop_requested()) return std::nullopt;
        if (progress && i % 50 == 0) progress(static_cast<double>(i) / static_cast<double>(grid.size()));
        const auto& [surface, at_m] = grid[i];
        if (const auto why = pairClosedAt(stage.used, task.surfaces.at(surface).kind, at_m, practice))
            map.closed.push_back({surface, at_m, *why});
        else
            map.spots.push_back(judge.judge(surface, aimedAt(at_m, judge.middle()), map.weights));
    }
    return map;
}

}  // namespace core
