#pragma once

#include <Eigen/Core>
#include <array>

namespace core {

enum class Band { LowBass, MidBass, Mid, Treble };

struct BandEdges {
    Band band{};
    double low_hz = 0.0, high_hz = 0.0;
};
inline constexpr std::array kBands{BandEdges{Band::LowBass, 20.0, 60.0}, BandEdges{Band::MidBass, 60.0, 250.0},
                                   BandEdges{Band::Mid, 250.0, 4000.0}, BandEdges{Band::Treble, 4000.0, 20000.0}};
inline constexpr size_t kBandCount = kBands.size();

// Mean of |H|^2 over ln f between the edges, as a level: 10 log(integral(10^(L/10) dln f) / ln(high/low)), |H|^2 linear
// in ln f between samples, ends interpolated, clipped to the data. frequency_hz  n rising values; level_db n values
// requires n >= 2 and some data inside the band
[[nodiscard]] double bandMean_db(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db, double low_hz,
                                 double high_hz);

// The same as weights, so that the mean power is their sum with |H|^2; they add up to 1.
[[nodiscard]] Eigen::ArrayXd bandWeights(const Eigen::ArrayXd& frequency_hz, double low_hz, double high_hz);

// Weights of the integral over ln f by trapezoid on the samples, scaled to add up to 1 with a spectrum.
[[nodiscard]] Eigen::ArrayXd spectrumWeights(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& spectrum);

}  // namespace core
