#pragma once

#include <Eigen/Core>

#include "core/model/vehicle.h"
#include "core/physics/obstruction.h"
#include "core/practice/practice.h"

namespace core {

// What a cover of this kind takes from what passes it.
[[nodiscard]] CoverLoss coverLoss(const Practice& practice, Cover cover);

// The perforated plate before a place; nothing until all its measures are known.
[[nodiscard]] std::optional<PerforatedPlate> plateOf(const Place& place);

// What stands before the drivers of a place takes at these frequencies: its cover, and its perforated plate.
[[nodiscard]] Eigen::ArrayXd coverTakes_db(const Place& place, const Practice& practice,
                                           const Eigen::ArrayXd& frequency_hz);

}  // namespace core
