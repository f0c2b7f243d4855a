#pragma once

#include "core/judgement/judging.h"

namespace core {

// Lengths that are left round a driver.
[[nodiscard]] std::vector<Finding> judgeDepthAndSpacer(const Judging& judging);  // FIT1
[[nodiscard]] std::vector<Finding> judgeNeedlessCut(const Judging& judging);     // FIT1
[[nodiscard]] std::vector<Finding> judgeWindowTravel(const Judging& judging);    // FIT2
[[nodiscard]] std::vector<Finding> judgeFrontClearance(const Judging& judging);  // FIT6
[[nodiscard]] std::vector<Finding> judgeUnderPanel(const Judging& judging);      // FIT7
[[nodiscard]] std::vector<Finding> judgeScrewReaches(const Judging& judging);    // FIT15

}  // namespace core
