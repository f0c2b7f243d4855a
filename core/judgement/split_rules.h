#pragma once

#include "core/judgement/judging.h"

namespace core {

// SPLIT4: a tweeter's filter begins too near its resonance. Nothing of what the factory made and nobody changed.
[[nodiscard]] std::vector<Finding> judgeSplitNearResonance(const Judging& judging);
// SPLIT5, SPLIT6: the hand-over lies where the lower cone beams; or the two cancel there, at the first listener.
[[nodiscard]] std::vector<Finding> judgeHandOver(const Judging& judging);
// SPLIT7: two filters on one way take the lows. Of a capacitor behind a filtered output SPLIT3 speaks; this one where
// they begin within two octaves.
[[nodiscard]] std::vector<Finding> judgeStackedHighPasses(const Judging& judging);
// SPLIT10: a capacitor bears fewer volts than it gets.
[[nodiscard]] std::vector<Finding> judgePartOverRating(const Judging& judging);
// SPLIT11: a two-way network behind an output that plays only part of the band.
[[nodiscard]] std::vector<Finding> judgeNetworkOnFilteredLine(const Judging& judging);

}  // namespace core
