#pragma once

#include "core/limits/verdict.h"
#include "core/model/evaluation.h"

namespace core {

// What a coil and its cone bear with programme that just touches the source's limit, and what the rules say of it:
// CoilOverRating and TravelWithProgramme. A subwoofer's travel is judged by its sine, elsewhere.
struct Strain {
    double programme_w = 0.0, rating_w = 0.0;
    double travel_m = 0.0, xmax_m = 0.0;  // peak, one way
    std::optional<Severity> heat{}, travel{};
};
// found  what came with the vehicle: nobody chose that
// requires a run of the stage
[[nodiscard]] Strain strainOf(const StageResult& stage, const RunResult& run, const StageResult& found,
                              const Practice& practice);

}  // namespace core
