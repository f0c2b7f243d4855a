#pragma once

#include <optional>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// Distance between the ears is twice this.
inline constexpr double kHeadRadius_m = 0.0875;

// What one listener hears of all channels together, and how loud each band can get. Nothing if no run plays.
// This slice knows distance, delay, filters, the driver in a large baffle and its own roll-off; no direction, cover,
// mirror or cabin.
[[nodiscard]] std::optional<HearingResult> hear(const StageResult& stage, const Listener& listener,
                                                const Practice& practice, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
