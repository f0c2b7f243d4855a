#pragma once

#include <QStringList>

#include "core/model/finding.h"
#include "core/practice/practice.h"

namespace words {

// How a computed figure comes about, in a line; empty for what is measured, stated or told by its rule.
[[nodiscard]] QString formulaOf(core::Quantity quantity);
// What a finding rests on, a line each: the figure, how it is reckoned, where it comes from; then what it is held
// against and who says so.
[[nodiscard]] QStringList reckoningOf(const core::Finding& finding, const core::Practice& practice);

}  // namespace words
