#pragma once

#include <Eigen/Core>

namespace core {

// 1/n-octave smoothing: at each frequency the mean of |H|^2 over ln f from f 2^(-1/2n) to f 2^(1/2n), clipped to the
// data, |H|^2 linear in ln f between the samples. Magnitude only. source  IEC 61260-1 (bands)
// frequency_hz  n rising values; level_db n values; at_hz any; returns as many as at_hz      requires n >= 2
[[nodiscard]] Eigen::ArrayXd smoothed_db(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db,
                                         double perOctave, const Eigen::ArrayXd& at_hz);

}  // namespace core
