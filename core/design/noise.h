#pragma once

#include <array>
#include <optional>

#include "core/model/evaluation.h"

namespace core {

// One band against the noise of driving.
struct BandOverNoise {
    double noise_db = 0.0;  // at the ear, a guess by use
    double mean_db = 0.0;   // of programme as loud as it gets cleanly: reach less its crest and what a helmet takes
    double over_db = 0.0;   // mean over noise
    double wanted_db = 0.0;
    [[nodiscard]] bool enough() const { return over_db >= wanted_db; }
};
using OverNoise = std::array<BandOverNoise, kBandCount>;

// How far programme stands over the noise that this use has at the ear; nothing where nobody listens there.
[[nodiscard]] std::optional<OverNoise> overNoise(const StageResult& stage, ListenerId listener, Use use,
                                                 const Practice& practice);

}  // namespace core
