#include "core/physics/equaliser.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/level.h"

namespace core {
namespace {

using Complex = std::complex<double>;

}  // namespace

Eigen::ArrayXcd bandResponse(const EqualiserBand& band, const Eigen::ArrayXd& frequency_hz)
{
    assert(band.corner_hz > 0.0 && band.q > 0.0);
    const Eigen::ArrayXcd s = Complex{0.0, 1.0 / band.corner_hz} * frequency_hz.cast<Complex>();
    const Eigen::ArrayXcd s2 = s * s;
    const double a = ratioOf(band.gain_db / 2.0);
    const Eigen::ArrayXcd damping = s * (std::sqrt(a) / band.q);
    switch (band.kind) {
        case BandKind::Peak:
            return (s2 + s * (a / band.q) + 1.0) / (s2 + s / (a * band.q) + 1.0);
        case BandKind::LowShelf:
            return a * (s2 + damping + a) / (a * s2 + damping + 1.0);
        case BandKind::HighShelf:
            return a * (a * s2 + damping + 1.0) / (s2 + damping + a);
        case BandKind::AllPass1:
            return (1.0 - s) / (1.0 + s);
        case BandKind::AllPass2:
            return (s2 - s / band.q + 1.0) / (s2 + s / band.q + 1.0);
    }
    return Eigen::ArrayXcd::Ones(frequency_hz.size());
}

Eigen::ArrayXcd delayResponse(double delay_s, const Eigen::ArrayXd& frequency_hz)
{
    return (Complex{0.0, -2.0 * std::numbers::pi * delay_s} * frequency_hz.cast<Complex>()).exp();
}

double qOfBandwidth(double octaves)
{
    return std::exp2(octaves / 2.0) / (std::exp2(octaves) - 1.0);
}

double qOfShelfSlope(double slope, double gain_db)
{
    const double a = ratioOf(gain_db / 2.0);
    return 1.0 / std::sqrt((a + 1.0 / a) * (1.0 / slope - 1.0) + 2.0);
}

}  // namespace core
