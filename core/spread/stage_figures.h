#pragma once

#include "core/model/evaluation.h"

namespace core {

// The single figures of a stage's circuits and runs, by what judgements and people call them.
[[nodiscard]] std::map<Address, double> figuresOf(const StageResult& stage);

}  // namespace core
