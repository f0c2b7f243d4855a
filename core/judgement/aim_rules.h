#pragma once

#include "core/judgement/judging.h"

namespace core {

// What the first listener hears of where the drivers stand and look. Who was there before in the same way, was chosen
// by nobody and is not spoken of.

// WaysApart (AIM1): of one side's two drivers the ways differ by more than half a wave where one takes over.
[[nodiscard]] std::vector<Finding> judgeWaysApart(const Judging& judging);
// OffAxis (AIM2), CombNotch (AIM3), InTheWay (AIM4): of each driver ahead of the listener the worse of its two sides.
[[nodiscard]] std::vector<Finding> judgeWayToTheEar(const Judging& judging);
// SidesApart (AIM5): the first sound of one side comes before or louder than the other's, and no setting evens it.
// ImagePulled (AIM9): and what that does to the image, by estimate.
[[nodiscard]] std::vector<Finding> judgeSides(const Judging& judging);

}  // namespace core
