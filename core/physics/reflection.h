#pragma once

#include <Eigen/Core>
#include <span>

namespace core {

// What a surface takes of the sound that meets it: coefficients at octaves from 125 Hz up, linear in log2 f between
// them, the ends held.
[[nodiscard]] Eigen::ArrayXd absorptionAt(std::span<const double> octaves, const Eigen::ArrayXd& frequency_hz);

// The pressure that comes back: sqrt(1 - absorption), hard surface in phase; below c/size it fades by size f/c, as a
// panel smaller than the wavelength is no mirror.
// source  Allen and Berkley (1979); the fade is an engineering rule
[[nodiscard]] Eigen::ArrayXd mirrorShare(const Eigen::ArrayXd& absorption, double size_m,
                                         const Eigen::ArrayXd& frequency_hz);

// One reflection against the direct sound: notches at (2n + 1) c / (2 delta), peaks at n c / delta, their depth
// 20 log(1 - r d/d').
struct Comb {
    double firstNotch_hz = 0.0, firstPeak_hz = 0.0, depth_db = 0.0;
};
[[nodiscard]] Comb comb(double direct_m, double difference_m, double coefficient);
// 1 + r (d/d') exp(-jk delta), for D alike in both directions
[[nodiscard]] Eigen::ArrayXcd combResponse(double direct_m, double difference_m, double coefficient,
                                           const Eigen::ArrayXd& frequency_hz);

}  // namespace core
