#include "app/stations/aim/aim_scene.h"

#include <algorithm>

#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/evaluate/aim_report.h"

namespace app {
namespace {

// The nearest of those that play highest, of what lies ahead of the listener; else the first that plays.
core::DeviceId leading(const AimScene& scene, const core::StageResult& stage)
{
    const auto listener = stage.used.listeners.find(scene.listener);
    core::DeviceId found{};
    double highest_hz = -1.0;
    for (const AimDriver& one : scene.drivers) {
        if (one.frame.at_m.y < 0.0) continue;
        const bool ahead = listener == stage.used.listeners.end() ||
                           core::dot(one.frame.at_m - listener->second.head_m, listener->second.facing) > 0.0;
        const double top_hz = core::findRunOfDevice(stage, one.device)->driver.topCorner_hz * (ahead ? 1.0 : 1e-3);
        if (top_hz <= highest_hz) continue;
        highest_hz = top_hz;
        found = one.device;
    }
    return found || scene.drivers.empty() ? found : scene.drivers.front().device;
}

}  // namespace

AimScene aimScene(const SharedSnapshot& snapshot, core::ListenerId listener, core::DeviceId picked,
                  const std::vector<core::ListenerId>& seats, const std::optional<core::SpotWeights>& weights)
{
    AimScene scene{.snapshot = snapshot, .listener = listener, .held = picked};
    scene.weights = weights.value_or(core::usualWeights(snapshot->practice()));
    const core::StageResult& stage = snapshot->after();
    const core::Practice& practice = snapshot->practice();
    scene.shape = core::bodyShape(snapshot->plan.body, snapshot->shop->vehicles);
    for (size_t i = 0; i < stage.runs.size(); ++i) {
        const core::DeviceId device = stage.runs[i].run.id.coil.device;
        const auto frame = core::frameOf(stage.used, device);
        if (frame && !scene.driver(device)) scene.drivers.push_back({device, *frame, stage.ways[i].source.radius_m});
    }
    std::stable_sort(scene.drivers.begin(), scene.drivers.end(), [](const AimDriver& a, const AimDriver& b) {
        return a.frame.at_m.x > b.frame.at_m.x;
    });
    if (!scene.driver(scene.held)) scene.held = leading(scene, stage);
    scene.mounts = core::mountsOf(stage.used, snapshot->shop->vehicles, practice);
    if (!scene.held) return scene;
    scene.own = core::aimReport(stage, scene.held, practice);
    if (const core::DeviceId across = core::acrossFrom(stage.used, scene.held)) {
        scene.other = core::aimReport(stage, across, practice);
        scene.follows = static_cast<bool>(core::aimTwin(stage.used, scene.held));
    }
    if (stage.used.listeners.empty()) return scene;
    scene.habits = core::rankHabits(stage, practice, {.device = scene.held, .seats = seats, .surfaces = scene.mounts,
                                                           .weights = scene.weights});
    const auto pointsFor = [&](const std::vector<core::ListenerId>& heads) {
        core::SpotJudge judge(stage, practice, scene.held, heads);
        return judge.judge({}, judge.standing(), scene.weights).points;
    };
    // How it stands was judged among the habits for these ears already.
    const auto stands = std::find_if(scene.habits.begin(), scene.habits.end(),
                                     [](const core::Habit& habit) { return !habit.surface && !habit.closed; });
    const auto points = [&](const std::vector<core::ListenerId>& heads) {
        return heads == seats && stands != scene.habits.end() ? stands->spot.points : pointsFor(heads);
    };
    for (const auto& [id, one] : stage.used.listeners) scene.points[id] = points({id});
    if (scene.points.size() > 1) scene.pointsOfAll = points({});
    return scene;
}

}  // namespace app
