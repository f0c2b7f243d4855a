#pragma once

#include <vector>

#include "core/model/edit.h"

namespace core {

// The driver's pair arrives the other way round at its terminals; drivers that go on from there keep theirs.
[[nodiscard]] Edit turnOver(const Plan& plan, StageId stage, DeviceId driver);
// The same as planned, on this side alone.
[[nodiscard]] Edit planTurnOver(const Plan& plan, DeviceId driver);
// And on several sides at once.
[[nodiscard]] Edit planTurnOver(const Plan& plan, const std::vector<DeviceId>& drivers);

}  // namespace core
