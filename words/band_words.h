#pragma once

#include <QStringList>

#include "core/advice/band_plan.h"

namespace words {

[[nodiscard]] QString textOf(const core::BandStretch& stretch);  // "62 Hz to 3.1 kHz"
// Where a driver carries: its stretches, or that it is drowned.
[[nodiscard]] QString carriesText(const core::BandRow& row);
// How much of its travel it uses with programme; empty: a tweeter.
[[nodiscard]] QString travelText(const core::BandRow& row);
// What there is to say about gaps, overlaps, doubled filters and relief, the gravest first; empty: nothing.
[[nodiscard]] QStringList remarksOf(const core::BandPlan& bands, const core::StageResult& stage);
// A line a driver, and the remarks.
[[nodiscard]] QStringList linesOf(const core::BandPlan& bands, const core::StageResult& stage);

}  // namespace words
