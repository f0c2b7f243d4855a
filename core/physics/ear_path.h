#pragma once

#include <Eigen/Core>
#include <optional>
#include <span>

#include "core/physics/cabin.h"

namespace core {

// What all ways of sound in one vehicle share: the frequencies and how much of the fall with distance is left.
struct SoundField {
    Eigen::ArrayXd frequency_hz{};
    Eigen::ArrayXd distanceShare{};  // beta; all 1 without a cabin
    Eigen::ArrayXcd gain{};          // C; all 1 without a cabin
    bool isGrid = false;             // the frequencies are those of frequencyGrid_hz(): phases may be stepped
};
[[nodiscard]] SoundField soundField(const Eigen::ArrayXd& frequency_hz, const std::optional<CabinGain>& cabin);
[[nodiscard]] SoundField gridField(const std::optional<CabinGain>& cabin);

// One arrival: over which distance, at which angle from the driver's axis (or from its mirrored axis).
struct Arrival {
    double distance_m = 1.0;
    double angle_rad = 0.0;
};

// w D(t) d^(-beta) exp(-jkd), D of a round piston of this radius, w a share of pressure at each frequency; a mirror's
// arrival is one more factor beta down.
// requires distance > 0, radius > 0
void addArrival(Eigen::ArrayXcd& sum, const SoundField& field, double radius_m, const Arrival& arrival,
                const Eigen::ArrayXd& weight);

}  // namespace core
