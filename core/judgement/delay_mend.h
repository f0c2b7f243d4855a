#pragma once

#include <algorithm>

#include "core/fitout/complete.h"
#include "core/judgement/judging.h"

namespace core {

// Whether some channel that plays can be set to a delay, or nobody knows.
[[nodiscard]] inline bool canDelay(const Judging& judging)
{
    return std::any_of(judging.goal.circuits.begin(), judging.goal.circuits.end(), [&](const CircuitResult& circuit) {
        return valueOf(circuit.output, Quantity::MostDelay_s).value_or(judging.practice[PracticeKey::UnstatedDelay_s]) > 0.0;
    });
}

// Delay and level of all channels, where one of them can delay.
inline void offerDelay(Finding& finding, const Judging& judging, DeviceId device)
{
    if (canDelay(judging))
        finding.mends.push_back(
            {MendName::AlignSides, 0.0, SolverRequest{SolverRequest::Kind::AlignSeat, device, judging.goalId, {}}});
}

}  // namespace core
