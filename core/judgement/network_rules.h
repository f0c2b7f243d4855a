#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT13: what comes from a source arrives at a board's screws for a speaker.
[[nodiscard]] std::vector<Finding> judgeNetworkBackwards(const Judging& judging);
// SPLIT14: a board in the kick panel on the side that the driver's feet are on.
[[nodiscard]] std::vector<Finding> judgeNetworkAtPedals(const Judging& judging);
// SPLIT15: a leg whose speaker is sold for other ohms than the leg is made for.
[[nodiscard]] std::vector<Finding> judgeNetworkForOtherOhms(const Judging& judging);

}  // namespace core
