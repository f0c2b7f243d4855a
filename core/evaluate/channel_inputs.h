#pragma once

#include <span>

#include "core/fitout/wiring_graph.h"
#include "core/model/stage_inputs.h"

namespace core {

// All that one channel's results follow from, read off a stage.
// graph  of this fitout;  runs  of all channels
[[nodiscard]] ChannelInputs channelInputs(const Fitout& fitout, const WiringGraph& graph, const Port& channel,
                                          std::span<const Run> runs, const Practice& practice);

}  // namespace core
