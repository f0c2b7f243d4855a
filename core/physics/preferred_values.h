#pragma once

#include <span>

#include "core/base/outcome.h"

namespace core {

enum class PreferredSeries { E6, E12, E24 };

// The two-digit values of one decade. Source: IEC 60063:2015
[[nodiscard]] std::span<const int> preferredDecade(PreferredSeries series);

// The value v of the series with the least |ln(v / x)|; a tie takes the lower.
// errors  OutOfDomain (not > 0), NotFinite
[[nodiscard]] Outcome<double> nearestPreferred(double value, PreferredSeries series);

}  // namespace core
