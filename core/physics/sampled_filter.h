#pragma once

#include <Eigen/Core>
#include <array>
#include <vector>

#include "core/physics/equaliser.h"
#include "core/physics/filter.h"

namespace core {

// y = (b0 + b1 z^-1 + b2 z^-2) / (1 + a1 z^-1 + a2 z^-2); first order: b2 = a2 = 0.
struct Biquad {
    std::array<double, 3> b{1.0, 0.0, 0.0};
    std::array<double, 2> a{0.0, 0.0};  // a1, a2
    bool operator==(const Biquad&) const = default;
};

inline constexpr double kMostCorner_ratio = 0.49;  // of the sample rate

// Bilinear transform of one low- or high-pass section (q = 0: first order) with its digital corner at corner_hz.
// requires 0 < corner_hz < sampleRate_hz / 2
// source   Bristow-Johnson; bilinear transform
[[nodiscard]] Biquad sectionBiquad(FilterSide side, double corner_hz, double q, double sampleRate_hz);
[[nodiscard]] Biquad bandBiquad(const EqualiserBand& band, double sampleRate_hz);

// The digital corners of a filter's sections. The whole prototype is warped once, so that |H(corner)| is exact for
// every family: f_n = (Fs / pi) atan(w_n tan(pi f0 / Fs)), high-pass with 1 / w_n. Always below Fs / 2.
[[nodiscard]] std::vector<double> sampledCorners_hz(const FilterShape& shape, FilterSide side, double corner_hz,
                                                    double sampleRate_hz);
[[nodiscard]] std::vector<Biquad> sampledFilter(const FilterShape& shape, FilterSide side, double corner_hz,
                                                double sampleRate_hz);

// Response at z = exp(j 2 pi f / Fs), each f < Fs / 2.
[[nodiscard]] Eigen::ArrayXcd biquadResponse(const Biquad& biquad, double sampleRate_hz,
                                             const Eigen::ArrayXd& frequency_hz);

}  // namespace core
