#pragma once

#include <functional>
#include <optional>
#include <stop_token>

#include "core/design/spot_judge.h"
#include "core/fitout/closed_zones.h"

namespace core {

struct SpotTask {
    DeviceId device{};                        // the driver that looks for a spot; its twin goes to the mirrored one
    std::vector<ListenerId> seats{};          // whose ears count; none: all
    int count = 2000;                         // about so many spots over all surfaces
    std::map<SurfaceId, Surface> surfaces{};  // that are tried: mountsOf
    std::optional<SpotWeights> weights{};     // nothing: practice's
};

// Where nothing may be put, and why.
struct ClosedSpot {
    SurfaceId surface{};
    Vec3 at_m{};
    Closed why{};
};

struct SpotMap {
    SpotWeights weights{};
    std::optional<Spot> now{};
    std::vector<Spot> spots{};  // by surface, row by row
    std::vector<ClosedSpot> closed{};
    // The best of them, best first, no two nearer than this.
    [[nodiscard]] std::vector<Spot> best(size_t most, double apart_m = 0.1) const;
};

inline constexpr double kStandOff_m = 0.02;  // of a cone from what it is mounted on: common practice, no source

// Every surface tried in an even grid of spots, each aimed between the heads, one on each side of the vehicle at a
// time; none in a restraint's zone that nothing clears, none before the dials. It knows nothing of what is behind a
// surface. Pure; progress is told in shares of one, and nothing comes back when it is stopped.
// requires that the device plays at this stage and the seats are there
[[nodiscard]] std::optional<SpotMap> mapSpots(const StageResult& stage, const Practice& practice, const SpotTask& task,
                                              const std::stop_token& stop = {},
                                              const std::function<void(double)>& progress = {});

}  // namespace core
