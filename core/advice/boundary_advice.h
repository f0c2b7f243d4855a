#pragma once

#include <optional>
#include <vector>

#include "core/model/evaluation.h"

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
[[nodiscard]] std::optional<BoundaryAdvice> boundaryAdvice(const SoundSource& source, const Cabin& cabin,
                                                           const Practice& practice);

// Of one run of a stage; nothing for a driver whose resonance is over 120 Hz, which is not for the bass: common
// practice, no source.
[[nodiscard]] std::optional<BoundaryAdvice> boundaryAdvice(const StageResult& stage, size_t run,
                                                           const Practice& practice);

}  // namespace core
