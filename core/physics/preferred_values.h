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

// The next smaller value of the series, the largest below this one.
// errors  OutOfDomain (not > 0), NotFinite
[[nodiscard]] Outcome<double> preferredBelow(double value, PreferredSeries series);

// The next value of the series up (steps > 0) or down, so many times.
// errors  OutOfDomain (not > 0), NotFinite
[[nodiscard]] Outcome<double> preferredStep(double value, PreferredSeries series, int steps);

// The same for a corner frequency: 1 1.12 1.25 1.4 1.6 ... of a decade.
// errors  OutOfDomain (not > 0), NotFinite.  source  ISO 3:1973, R20
[[nodiscard]] Outcome<double> cornerStep(double frequency_hz, int steps);

// The least voltage for which capacitors are made that is no less: 1 1.6 2.5 4 6.3 of a decade.
// errors  OutOfDomain (not > 0), NotFinite.  source  ISO 3:1973, R5
[[nodiscard]] Outcome<double> ratedVoltageFor(double least_v);

// One or two values of a series that together come near the one wanted.
struct PreferredParts {
    double first = 0.0;
    double second = 0.0;  // 0: one part is enough
    double together = 0.0;
};

// Values that add up: capacitors side by side, coils and resistors one after another. Two parts only where one alone is
// more than 3 % off.
// errors  OutOfDomain (not > 0), NotFinite
[[nodiscard]] Outcome<PreferredParts> preferredParts(double value, PreferredSeries series);

}  // namespace core
