#include "core/advice/boundary_advice.h"

#include <algorithm>
#include <cmath>

#include "core/base/grid.h"

namespace core {
namespace {

struct Boundary {
    double distance_m = 0.0;
    Vec3 normal{};
};

// Surfaces with a foot point under the driver, nearest first.
std::vector<Boundary> boundariesOf(const Vec3& at, const std::vector<FlatPanel>& panels, const Practice& practice)
{
    const double mounted_m = practice[PracticeKey::BoundaryMounted_m], far_m = practice[PracticeKey::BoundaryFar_m];
    std::vector<Boundary> near;
    for (const FlatPanel& panel : panels) {
        const Vec3 normal = unitNormal(panel);
        const double away = dot(at - panel.corner_m, normal);
        if (std::abs(away) < mounted_m || std::abs(away) > far_m) continue;
        if (crossing(panel, at, at - 1.01 * away * normal)) near.push_back({std::abs(away), normal});
    }
    std::sort(near.begin(), near.end(),
              [](const Boundary& a, const Boundary& b) { return a.distance_m < b.distance_m; });
    return near;
}

}  // namespace

std::optional<BoundaryAdvice> boundaryAdvice(const SoundSource& source, const Cabin& cabin, const Practice& practice)
{
    constexpr double kBass_hz = 50.0;
    std::vector<Boundary> chosen;
    for (const Boundary& one : boundariesOf(source.at_m, cabin.panels, practice))
        if (chosen.size() < 3 && std::all_of(chosen.begin(), chosen.end(), [&](const Boundary& other) {
                return std::abs(dot(one.normal, other.normal)) < practice[PracticeKey::BoundaryAngle_ratio];
            }))
            chosen.push_back(one);
    if (chosen.empty()) return std::nullopt;
    BoundaryAdvice advice;
    for (const Boundary& one : chosen) advice.distances_m.push_back(one.distance_m);
    advice.gainAt50_db = boundaryGain_db(advice.distances_m, kBass_hz);
    advice.dip_db = advice.gainAt50_db;
    advice.dip_hz = kBass_hz;
    for (const double f : frequencyGrid_hz()) {
        if (f > practice[PracticeKey::BoundaryTop_hz]) break;
        const double gain_db = boundaryGain_db(advice.distances_m, f);
        if (gain_db < advice.dip_db) {
            advice.dip_db = gain_db;
            advice.dip_hz = f;
        }
    }
    return advice;
}

std::optional<BoundaryAdvice> boundaryAdvice(const StageResult& stage, size_t run, const Practice& practice)
{
    if (stage.runs[run].driver.fs_hz > practice[PracticeKey::BoundaryDriver_hz]) return std::nullopt;
    return boundaryAdvice(stage.ways[run].source, stage.cabin, practice);
}

}  // namespace core
