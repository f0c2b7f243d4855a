#pragma once

#include "core/design/split_search.h"

namespace core {

// Whether two drivers of a pair can be parted by what their channels are set to: each has a channel of its own, of
// which nobody knows that the filter is missing.
[[nodiscard]] bool canBeSet(const StageResult& stage, const SplitPair& pair);

// Low-pass of the one channel and high-pass of the other at every corner of ISO 3 R20, in the shapes that are offered
// up to 24 dB an octave, either way round, either one up to 6 dB down. What else is set there stays. Refused: under
// what a tweeter's resonance asks (split_limits). Pure; as searchSplits, which calls it. requires a pair that can be
// set, and seats that hear both
[[nodiscard]] std::optional<SplitSearch> searchSettings(const Plan& plan, const Evaluation& evaluation,
                                                        const SplitPair& pair, const std::vector<ListenerId>& seats,
                                                        double slope_db_octave, const std::stop_token& stop,
                                                        const std::function<void(double)>& progress);

}  // namespace core
