#pragma once

#include "core/design/split_measure.h"
#include "core/design/split_search.h"

namespace core {

// Woofer, mid and tweeter of a side that one channel feeds: runs of a stage, by their number.
struct SplitThree {
    size_t low = 0, mid = 0, high = 0;
};
// The three that a pair is of; nothing where it is of no three on one channel.
[[nodiscard]] std::optional<SplitThree> threeOf(const StageResult& stage, const SplitPair& pair,
                                                const Practice& practice);

// Ladders of first to third order at every corner of ISO 3 R20, made for what each driver really has there, values of
// E12; mid and tweeter with or without a resistor, the woofer and the mid's upper end with or without a filter; mid and
// tweeter either way round; at least an octave for the mid. Refused: under what a tweeter's resonance asks
// (split_limits), and under the channel's least load. Pure; as searchSplits, which calls it. requires seats that hear
// all three
[[nodiscard]] std::optional<SplitSearch> searchThree(const Plan& plan, const Evaluation& evaluation,
                                                     const SplitPair& pair, const SplitThree& three,
                                                     const std::vector<ListenerId>& seats, const SplitTarget& target,
                                                     const std::stop_token& stop,
                                                     const std::function<void(double)>& progress);

}  // namespace core
