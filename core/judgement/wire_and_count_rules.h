#pragma once

#include "core/judgement/judging.h"

namespace core {

// The cable at a driver, and what has to be counted on the way to it.
[[nodiscard]] std::vector<Finding> judgePinchedCable(const Judging& judging);  // FIT11
[[nodiscard]] std::vector<Finding> judgeWireSlack(const Judging& judging);     // FIT12
[[nodiscard]] std::vector<Finding> judgeCountsOpen(const Judging& judging);    // FIT14

}  // namespace core
