#pragma once

#include "core/fit/fit_question.h"
#include "core/model/driver_fit.h"
#include "core/practice/practice.h"

namespace core {

// What lifts the driver and what was cleared for it.
[[nodiscard]] Seating seatingOf(const FitQuestion& question);

// body  completed figures (bodyFigures)
[[nodiscard]] RoomLeft roomLeft(const FitQuestion& question, const Figures& body, const Seating& seating,
                                const Practice& practice);

// The spacer that would give the wanted margins behind, and the stack that does it and leaves room in front.
[[nodiscard]] SpacerNeed spacerNeed(const FitQuestion& question, const Figures& body, const Seating& seating,
                                    const RoomLeft& left, const Practice& practice);

}  // namespace core
