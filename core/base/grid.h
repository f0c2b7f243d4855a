#pragma once

#include <Eigen/Core>
#include <cmath>
#include <complex>
#include <numbers>

namespace core {

inline constexpr int kGridSize = 481;
inline constexpr double kGridStart_hz = 20.0;
inline constexpr double kGridPerDecade = 160.0;

// The grid of every stored curve: 20 x 10^(i/160) Hz, i = 0..480, so 20 Hz to 20 kHz, 160 points a decade.
[[nodiscard]] inline Eigen::ArrayXd frequencyGrid_hz()
{
    return kGridStart_hz *
           (Eigen::ArrayXd::LinSpaced(kGridSize, 0.0, kGridSize - 1.0) * (std::log(10.0) / kGridPerDecade)).exp();
}

// s = j 2 pi f, in rad/s, of the same shape.
[[nodiscard]] inline Eigen::ArrayXcd laplace(const Eigen::ArrayXd& frequency_hz)
{
    return std::complex<double>{0.0, 2.0 * std::numbers::pi} * frequency_hz.cast<std::complex<double>>();
}

}  // namespace core
