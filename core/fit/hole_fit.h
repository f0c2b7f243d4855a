#pragma once

#include "core/fit/fit_question.h"
#include "core/model/driver_fit.h"
#include "core/practice/practice.h"

namespace core {

// Half axes of what is so long across; what states no short way is round.
// requires that the figures hold `across`
[[nodiscard]] Oval ovalOf(const Figures& figures, Quantity across, Quantity shortWay);

// The opening there against what the driver needs; nothing where no hole fits its own screws.
// body  completed figures (bodyFigures)
[[nodiscard]] std::optional<HoleFit> holeFit(const FitQuestion& question, const Figures& body,
                                             const Practice& practice);

}  // namespace core
