#pragma once

#include "core/judgement/judging.h"

namespace core {

// RestraintPath (AIM6): a driver that is new there stands where an airbag or a belt has its way, and nobody recorded
// that the vehicle maker's data clears it. No distance is enough.
[[nodiscard]] std::vector<Finding> judgeRestraintPath(const Judging& judging);
// NoRoomForCup (AIM7): a cup that turns a driver reaches further behind the face than there is room.
[[nodiscard]] std::vector<Finding> judgeNoRoomForCup(const Judging& judging);
// NotMirrored (AIM8): two that do the same stand or look differently.
[[nodiscard]] std::vector<Finding> judgeNotMirrored(const Judging& judging);

}  // namespace core
