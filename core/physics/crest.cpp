#include "core/physics/crest.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/efficiency.h"
#include "core/physics/level.h"

namespace core {

ClippedSignal clippedSine(double overdrive_db)
{
    const double clip = std::min(1.0, ratioOf(-overdrive_db));  // of the sine's own peak
    const double angle = std::asin(clip);
    // Mean square over a quarter turn: sin^2 up to the angle, clip^2 from there on.
    const double square = 2.0 / std::numbers::pi *
                          (0.5 * angle - 0.25 * std::sin(2.0 * angle) + clip * clip * (std::numbers::pi / 2.0 - angle));
    const double rms = std::sqrt(square) / clip;
    return {rms, -decibels(rms), kSineCrest_db + decibels(rms)};
}

ClippedSignal clippedProgramme(double crestFactor_db, double overdrive_db)
{
    const double clip = ratioOf(crestFactor_db - overdrive_db);  // in standard deviations
    const double square = std::erf(clip / std::numbers::sqrt2) -
                          std::sqrt(2.0 / std::numbers::pi) * clip * std::exp(-0.5 * clip * clip) +
                          clip * clip * std::erfc(clip / std::numbers::sqrt2);
    const double rms = std::sqrt(square) / clip;
    return {rms, -decibels(rms), crestFactor_db + decibels(rms)};
}

}  // namespace core
