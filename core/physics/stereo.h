#pragma once

#include <Eigen/Core>

namespace core {

// Left and right together: coherent in the bass, where recordings agree, at random in the treble.
//   w = clamp(ln(f / coherentBelow) / ln(randomAbove / coherentBelow), 0, 1)
//   |p|^2 = (1 - w) |pL + pR|^2 + w (|pL|^2 + |pR|^2)
// requires 0 < coherentBelow_hz < randomAbove_hz
// source   common practice, no source
struct StereoMix {
    double coherentBelow_hz = 300.0, randomAbove_hz = 1000.0;
};
[[nodiscard]] Eigen::ArrayXd randomShare(const Eigen::ArrayXd& frequency_hz, const StereoMix& mix);  // w

// n values each, in Pa;  returns n mean squares in Pa^2
[[nodiscard]] Eigen::ArrayXd leftAndRight_pa2(const Eigen::ArrayXcd& left_pa, const Eigen::ArrayXcd& right_pa,
                                              const Eigen::ArrayXd& random);

}  // namespace core
