#pragma once

#include <functional>
#include <map>
#include <optional>
#include <stop_token>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// What can be said for and against a spot, means over the seats.
struct SpotFaults {
    double offAxis_db = 0.0;     // lost off the axis at 8 kHz, or where the driver's own top falls off
    double unevenness_db = 0.0;  // rms of third octaves about their mean in the driver's band: combs of the mirrors
    double image = 0.0;          // how far the pair pulls the image aside, 0 to 1
    double width_deg = 0.0;      // between the two sides as the heads see them: too little is a fault
    double shadow_db = 0.0;      // lost behind edges at 4 kHz
};

struct Spot {
    SurfaceId surface{};  // none: where the driver is now
    Frame frame{};        // aimed between the heads
    SpotFaults faults{};
    double points = 0.0;  // the weights less what the faults take of each
};

// The points that each fault can take; a shop sets them.
struct SpotWeights {
    double offAxis = 0.0, evenness = 0.0, image = 0.0, width = 0.0, shadow = 0.0;
    [[nodiscard]] double sum() const { return offAxis + evenness + image + width + shadow; }
};

struct SpotTask {
    DeviceId device{};                // the driver that looks for a spot; its twin goes to the mirrored one
    std::vector<ListenerId> seats{};  // whose ears count; none: all
    int count = 2000;                 // about so many spots over all mountable surfaces
    std::map<SurfaceId, Surface> surfaces{};  // that are tried; none: the stage's own, or the usual dash
};

struct SpotMap {
    SpotWeights weights{};
    std::optional<Spot> now{};
    std::vector<Spot> spots{};  // by surface, row by row
    // The best of them, best first, no two nearer than this.
    [[nodiscard]] std::vector<Spot> best(size_t most, double apart_m = 0.1) const;
};

// Every mountable surface tried in an even grid of spots, one on each side of the vehicle at a time. It knows nothing
// of what is behind a surface, nor of restraints: those are for whoever cuts. Pure; progress is told in shares of one,
// and nothing comes back when it is stopped. requires that the device plays at this stage and the seats are there
[[nodiscard]] std::optional<SpotMap> mapSpots(const StageResult& stage, const Practice& practice, const SpotTask& task,
                                              const std::stop_token& stop = {},
                                              const std::function<void(double)>& progress = {});

}  // namespace core
