#pragma once

#include <Eigen/Core>

namespace core {

enum class BandKind { Peak, LowShelf, HighShelf, AllPass1, AllPass2 };

// One band of an equaliser. A = 10^(gain / 40), S = j f / f0:
//   peak        (S^2 + S A/Q + 1) / (S^2 + S/(A Q) + 1)
//   low shelf   A (S^2 + S sqrt(A)/Q + A) / (A S^2 + S sqrt(A)/Q + 1);  high shelf: its mirror
//   all-pass 1  (1 - S) / (1 + S);  all-pass 2  (S^2 - S/Q + 1) / (S^2 + S/Q + 1)
// valid    |gain| <= 24 dB, 0.1 <= Q <= 20, f0 > 0
// source   R. Bristow-Johnson, "Cookbook formulae for audio EQ biquad filter coefficients"
struct EqualiserBand {
    BandKind kind = BandKind::Peak;
    double corner_hz = 1000.0;
    double q = 0.70710678118654752;
    double gain_db = 0.0;
    bool operator==(const EqualiserBand&) const = default;
};
inline constexpr double kMostBandGain_db = 24.0, kLeastBandQ = 0.1, kMostBandQ = 20.0;

[[nodiscard]] Eigen::ArrayXcd bandResponse(const EqualiserBand& band, const Eigen::ArrayXd& frequency_hz);

// exp(-j 2 pi f t); an inverted polarity is -1 at all frequencies and no delay.
[[nodiscard]] Eigen::ArrayXcd delayResponse(double delay_s, const Eigen::ArrayXd& frequency_hz);

// Q of a band N octaves wide between the points of half the dB gain: sqrt(2^N) / (2^N - 1).
[[nodiscard]] double qOfBandwidth(double octaves);
// Q of a shelf of this slope in (0, 1]: 1 / sqrt((A + 1/A)(1/slope - 1) + 2).
[[nodiscard]] double qOfShelfSlope(double slope, double gain_db);

}  // namespace core
