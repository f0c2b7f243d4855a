#pragma once

#include <array>
#include <optional>
#include <span>

#include "core/base/threshold.h"

namespace core {

inline constexpr std::array kRatedImpedances_ohm{2.0, 3.0, 4.0, 6.0, 8.0, 16.0};
// Those that a coil in a vehicle has: what reads 12 ohm there is rather two of them in series.
// source  common practice, no source
inline constexpr std::span kCarSpeakers_ohm = std::span(kRatedImpedances_ohm).first<5>();
inline constexpr double kRatedShare = 0.8;  // |Z| may fall to this much of the rated value

// The largest rated impedance Zn that a curve complies with: least |Z| >= 0.8 Zn over the rated range. A test of
// compliance, not an identifier. Nothing if not even the smallest complies.
// source  IEC 60268-5 (loudspeakers), clause on rated impedance
[[nodiscard]] inline std::optional<double> largestAdmissible_ohm(double leastMagnitude_ohm)
{
    std::optional<double> largest;
    for (const double rated : kRatedImpedances_ohm)
        if (!under(leastMagnitude_ohm, kRatedShare * rated)) largest = rated;
    return largest;
}

}  // namespace core
