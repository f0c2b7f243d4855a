#pragma once

#include "core/model/board.h"
#include "core/practice/practice.h"

namespace core {

// What a part of a crossover costs, about, in the shop's money; common practice, no source.
[[nodiscard]] double priceOf(const LegPart& part, const Practice& practice);
[[nodiscard]] double priceOf(const LegParts& parts, const Practice& practice);
[[nodiscard]] double priceOf(const BoardParts& parts, const Practice& practice);

}  // namespace core
