#pragma once

#include <optional>
#include <span>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

struct SolvedCircuit {
    CircuitResult circuit{};
    std::vector<RunResult> runs{};
};

// One channel over the grid: what it sees, what reaches each coil, and what the coils bear at the source's limit.
// A dead short gives a circuit of zero ohm and no runs.
[[nodiscard]] std::optional<SolvedCircuit> solveCircuit(const Fitout& fitout, const Port& channel,
                                                        std::span<const Run> runs, const Practice& practice,
                                                        const Eigen::ArrayXd& frequency_hz);

// Terminal volts per source volt of everything active in a channel: built-in filters, then its setting.
[[nodiscard]] Eigen::ArrayXcd channelResponse(const Fitout& fitout, const Port& channel, const Figures& output,
                                              const Eigen::ArrayXd& frequency_hz);

}  // namespace core
