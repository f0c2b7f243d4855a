#pragma once

#include <stop_token>

#include "core/model/evaluation.h"

namespace core {

inline constexpr int kSpreadDraws = 100;

// What the values that nobody measured could do: fills the spread of every stage that has none yet. A second pure
// function, for the background: it takes about a hundred times as long as the evaluation did. The draws are the same on
// every machine and in every run. Stopped, it gives the evaluation back as it was.
[[nodiscard]] Evaluation widen(Evaluation evaluation, const std::stop_token& stop = {});

[[nodiscard]] Range rangeOf(Eigen::ArrayXd draws);

}  // namespace core
