#pragma once

#include "core/design/split_measure.h"
#include "core/design/split_search.h"

namespace core {

// Low-pass of the one channel and high-pass of the other, both of one shape, at every corner of ISO 3 R20, either way
// round, either one up to 6 dB down. What else is set there stays. Refused: under what a tweeter's resonance asks
// (split_limits). Pure; as searchSplits, which calls it.
// requires a pair that can be set, and seats that hear both
[[nodiscard]] std::optional<SplitSearch> searchSettings(const Plan& plan, const Evaluation& evaluation,
                                                        const SplitPair& pair, const std::vector<ListenerId>& seats,
                                                        const SplitTarget& target, const std::stop_token& stop,
                                                        const std::function<void(double)>& progress);

}  // namespace core
