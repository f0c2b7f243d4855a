#pragma once

#include <optional>
#include <stop_token>

#include "core/evaluate/split_sum.h"
#include "core/model/evaluation.h"

namespace core {

// What a pair's sum may become with the capacitors, coils of wire and resistors on its ways as they are sold.
struct SplitBand {
    Eigen::ArrayXd low_db{}, high_db{};  // of the sum as wired, third-octaves, 2.5 to 97.5 % of the draws
    double even_db = 0.0;                // 97.5 % of the draws are even within so much
    double spread_ratio = 0.0;           // +- of the part that may be furthest off
};

// Draws as those of `widen`: uniform, the same on every machine, every other value as it is taken for. Nothing for a
// pair that one of them does not play in, with no part on its ways, or when it is stopped.
[[nodiscard]] std::optional<SplitBand> splitBand(const StageResult& stage, const SplitPair& pair, ListenerId listener,
                                                 const Evaluation& evaluation, const std::stop_token& stop = {});

}  // namespace core
