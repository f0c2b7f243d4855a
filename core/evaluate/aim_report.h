#pragma once

#include "core/model/driver_aim.h"
#include "core/model/evaluation.h"

namespace core {

[[nodiscard]] PlayedBand playedBand(const RunResult& run, const Eigen::ArrayXd& frequency_hz);

// only  one listener; nothing: every one. Nothing for a driver that does not play.
[[nodiscard]] std::optional<DriverAim> aimReport(const StageResult& stage, DeviceId device, const Practice& practice,
                                                 std::optional<ListenerId> only = {});

// requires two drivers that play, and a listener of the stage
[[nodiscard]] SidesAim sidesAt(const StageResult& stage, DeviceId left, DeviceId right, ListenerId seat);

}  // namespace core
