#pragma once

#include <optional>

#include "core/model/part.h"
#include "core/practice/practice.h"
#include "core/survey/variant.h"

namespace core {

// The sign to look for before this driver is ordered: so few ohms suit only the variant with an amplifier made for
// them, and nobody knows yet which one this vehicle is. Nothing where it is known, or where somebody read the least
// load off the source.
// output  completed figures of the channel that would play it; empty: none does yet
[[nodiscard]] std::optional<VariantSign> heldBack(const Body& body, const Part& driver, const Figures& output,
                                                  const Practice& practice);

}  // namespace core
