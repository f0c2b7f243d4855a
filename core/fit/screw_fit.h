#pragma once

#include "core/fit/fit_question.h"
#include "core/model/driver_fit.h"
#include "core/practice/practice.h"

namespace core {

// A bracket takes the vehicle's holes with its outer ones, or with those in its tabs, whichever meets more.
[[nodiscard]] BracketFit bracketFit(const FitQuestion& question, const Practice& practice);

// The driver's own holes against those of the spacer or the vehicle, at the turn that was decided or that is best.
// body  completed figures (bodyFigures)
[[nodiscard]] ScrewFit screwFit(const FitQuestion& question, const Figures& body, const Practice& practice);

// The force on each screw in a shock; nothing where nobody knows how many there are.
[[nodiscard]] std::optional<Computed> fixingForce_n(const ScrewFit& screws, const Figures& body,
                                                    const Practice& practice);

}  // namespace core
