#pragma once

#include <Eigen/Core>
#include <span>

#include "core/base/outcome.h"

namespace core {

// The low-frequency rise in a closed cabin.
//   fz = c / (2 Lmax);  H = (s^2 + s fz/q + fz^2) / (s^2 + s fl/q + fl^2), s = jf, q = 1/sqrt2
// +12 dB an octave below fz, a plateau of 40 log(fz/fl) below the leakage frequency fl. Re 1 m, half space.
// source  L. L. Beranek, "Acoustics" (1954), pressure field; empirical in vehicles: +-4 dB
struct CabinGain {
    double zone_hz = 70.0;  // fz
    double leak_hz = 25.0;  // fl
    bool operator==(const CabinGain&) const = default;
};
// errors  OutOfDomain (leak not below zone)
[[nodiscard]] Outcome<CabinGain> cabinGain(double longest_m, double leak_hz);
[[nodiscard]] Eigen::ArrayXcd cabinGainResponse(const CabinGain& gain, const Eigen::ArrayXd& frequency_hz);

// beta: how much of the fall with distance is left: (f/fz)^2 / (1 + (f/fz)^2), a shape of common practice. 0 in the
// pressure zone, 1 far above it.
[[nodiscard]] Eigen::ArrayXd distanceShare(double zone_hz, const Eigen::ArrayXd& frequency_hz);

// 2 pi r c^2 / (w^2 V): pressure in a sealed volume over that of the half space, in dB.
[[nodiscard]] double sealedVolumeGain_db(double volume_m3, double distance_m, double frequency_hz);

// Power of a source near hard planes at right angles over that in the half space's own free field:
// sum over all subsets s of sin(2kR)/(2kR), R^2 = sum of d^2 in s, the empty set 1. Advice on places; never in a sum
// at the ear. requires 0 to 3 distances >= 0
// source  R. V. Waterhouse, J. Acoust. Soc. Am. 30 (1958); R. F. Allison, J. Audio Eng. Soc. 22 (1974)
[[nodiscard]] double boundaryGain_db(std::span<const double> distances_m, double frequency_hz);

}  // namespace core
