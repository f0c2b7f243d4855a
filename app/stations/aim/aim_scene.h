#pragma once

#include <QPointF>
#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "app/session/snapshot.h"
#include "core/design/habits.h"
#include "core/model/driver_aim.h"
#include "core/picture/body_shape.h"

namespace app {

// A driver that can be picked and moved.
struct AimDriver {
    core::DeviceId device{};
    core::Frame frame{};
    double radius_m = 0.02;
};

// Everything that both views of Aim draw, worked out once for each.
struct AimScene {
    SharedSnapshot snapshot{};
    core::BodyShape shape{};
    core::ListenerId listener{};
    std::vector<AimDriver> drivers{};              // that play, ahead before behind
    core::DeviceId held{};                         // the one that is picked
    std::optional<core::DriverAim> own{}, other{};  // it, and the one across from it
    std::map<core::SurfaceId, core::Surface> mounts{};
    std::shared_ptr<const core::SpotMap> map{};    // nothing until it is found
    std::vector<core::Habit> habits{};
    core::SpotWeights weights{};                   // what counts
    std::map<core::ListenerId, double> points{};   // of where it stands, at each seat
    std::optional<double> pointsOfAll{};           // where several listen
    bool follows = true;                           // the other side takes the mirrored spot
    int ranked = 0;                                // so many of the habits are told of by their number
    core::SurfaceId shaped{};                      // its corners are in the hand

    [[nodiscard]] const AimDriver* driver(core::DeviceId device) const
    {
        for (const AimDriver& one : drivers)
            if (one.device == device) return &one;
        return nullptr;
    }
    [[nodiscard]] const core::SeatAim* heard(const core::DriverAim& aim) const
    {
        for (const core::SeatAim& seat : aim.seats)
            if (seat.seat == listener) return &seat;
        return nullptr;
    }
};

// Of the driver that is picked (none: of the pair that leads the image) at these seats; weights as usual where none are
// given.
[[nodiscard]] AimScene aimScene(const SharedSnapshot& snapshot, core::ListenerId listener, core::DeviceId picked,
                                const std::vector<core::ListenerId>& seats,
                                const std::optional<core::SpotWeights>& weights);

}  // namespace app
