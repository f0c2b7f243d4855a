#pragma once

#include <Eigen/Core>
#include <vector>

#include "core/model/evaluation.h"
#include "core/model/plan.h"

namespace core {

// What whatever else hangs on the channel of these runs draws, 1/ohm on the evaluation's grid: the channel solved with
// their boards taken out and their coils as good as open. Nothing else there: noughts.
// runs  of the goal, all on one channel
[[nodiscard]] Eigen::ArrayXcd othersOnChannel_s(const Plan& plan, const Evaluation& evaluation,
                                                const std::vector<size_t>& runs);

}  // namespace core
