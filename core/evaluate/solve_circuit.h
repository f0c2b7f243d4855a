#pragma once

#include <optional>

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

struct SolvedCircuit {
    CircuitResult circuit{};
    std::vector<RunResult> runs{};
};

class NetworkSweep;

// What is left out of a solution that is only compared with others, and an elimination that was worked out before.
struct SolveOptions {
    const NetworkSweep* sweep = nullptr;  // of a network of the same shape
    bool burdens = true;                  // of the parts
};

// One channel over the grid: what it sees, what reaches each coil, what the coils bear at the source's limit, and what
// sound they make. A dead short gives a circuit of zero ohm and no runs; nothing where nothing leads back.
[[nodiscard]] std::optional<SolvedCircuit> solveCircuit(const ChannelInputs& channel, const Practice& practice,
                                                        const GridTables& tables, const SolveOptions& options = {});

// Terminal volts per source volt of everything active in a channel: built-in filters, then its setting.
[[nodiscard]] Eigen::ArrayXcd channelResponse(const ChannelInputs& channel, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
