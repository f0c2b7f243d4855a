#pragma once

#include <optional>
#include <vector>

#include "core/model/stage_inputs.h"

namespace core {

// What hard surfaces near a bass driver do to its power: advice on places, never part of what is heard, where mirrors
// and cabin gain stand for them.
struct BoundaryAdvice {
    std::vector<double> distances_m{};  // to up to three surfaces at right angles to each other, nearest first
    double gainAt50_db = 0.0;
    double dip_db = 0.0, dip_hz = 0.0;  // the least gain in 20-300 Hz
};

// Nothing where no surface of the cabin is within 2 m. The surface that the driver is on does not count: it is the half
// space that every driver has.
[[nodiscard]] std::optional<BoundaryAdvice> boundaryAdvice(const SoundSource& source, const Cabin& cabin);

}  // namespace core
