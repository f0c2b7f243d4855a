#pragma once

#include <QStringList>

#include "core/fit/fit_of.h"
#include "words/figures.h"

namespace words {

// What is known of how a driver stands in its place.
struct FitAsked {
    const core::Place& place;
    const core::DriverFit& fit;
    const core::RunResult* run = nullptr;  // that plays it; nothing: none does
    const core::Practice& practice;
};

// What follows from it and is no margin: spacer, saw or ring, holes, rotation, screws, seal, cover; a sentence each.
[[nodiscard]] QStringList fitFacts(const FitAsked& asked, UnitSystem units);

}  // namespace words
