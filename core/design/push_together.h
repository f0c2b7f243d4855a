#pragma once

#include <vector>

#include "core/model/plan.h"

namespace core {

// Of the higher ones those that do not push as wanted with a lower one of their channel: with it (1) or against it
// (-1).
[[nodiscard]] std::vector<DeviceId> wrongWayRound(const Plan& plan, const std::vector<DeviceId>& lower,
                                                  const std::vector<DeviceId>& higher, int wanted);

}  // namespace core
