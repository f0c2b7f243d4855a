#pragma once

#include <QString>

#include "core/judgement/measure_next.h"
#include "core/model/evaluation.h"

namespace words {

[[nodiscard]] QString nameOf(core::Instrument instrument);
// What a value is called in a sentence: "the DC resistance".
[[nodiscard]] QString nameOf(core::Quantity measurable);
// Where a figure could lie: "2.9 to 3.4".
[[nodiscard]] QString rangeText(const core::Range& range, int decimals);

struct ReadingText {
    QString title{};   // what to measure, where
    QString reason{};  // what it is taken for, and what hangs on it
    QString with{};    // which instrument, and how long; or that the bay lacks it
};
[[nodiscard]] ReadingText textOf(const core::NextReading& next, const core::Fitout& fitout);

}  // namespace words
