#pragma once

#include "core/evaluate/split_sum.h"
#include "core/judgement/judging.h"

namespace core {

// A network of preferred values for a driver that takes over, or other settings where each has a channel of its own: of
// a coaxial neither can be reached by itself.
inline void offerSplitSearch(Finding& finding, const Judging& judging, DeviceId tweeter)
{
    const auto pair = splitPairOf(judging.goal, tweeter, judging.practice);
    if (!pair || judging.goal.used.listeners.empty()) return;
    if (!canBeParted(judging.goal, *pair) && !canBeSet(judging.goal, *pair)) return;
    finding.mends.push_back(
        {MendName::FindSplit, 0.0, SolverRequest{SolverRequest::Kind::FindSplit, tweeter, judging.goalId, {}}});
}

}  // namespace core
