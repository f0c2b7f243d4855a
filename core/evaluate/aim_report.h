#pragma once

#include "core/model/driver_aim.h"
#include "core/model/evaluation.h"

namespace core {

[[nodiscard]] PlayedBand playedBand(const RunResult& run, const Eigen::ArrayXd& frequency_hz);

// Nothing for a driver that does not play.
[[nodiscard]] std::optional<DriverAim> aimReport(const StageResult& stage, DeviceId device, const Practice& practice);

// requires two drivers that play, and a listener of the stage
[[nodiscard]] SidesAim sidesAt(const StageResult& stage, DeviceId left, DeviceId right, ListenerId seat);

}  // namespace core
