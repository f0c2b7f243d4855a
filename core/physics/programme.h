#pragma once

#include <Eigen/Core>
#include <functional>

#include "core/base/outcome.h"

namespace core {

// Corners of the programme-simulation weight, an analytic stand-in for the noise of IEC 60268-1; the upper branch is a
// guess.
struct ProgrammeWeight {
    double highPass_hz = 41.2, highPassQ = 0.526;
    double lowPass1_hz = 3150.0, lowPass2_hz = 16000.0;
};

// |W|^2 = |HP2|^2 |LP|^2, LP = two first-order poles; power per unit of ln f, relative.
// source  IEC 60268-1 (programme simulation), recalled
[[nodiscard]] Eigen::ArrayXd programmeWeight(const ProgrammeWeight& shape, const Eigen::ArrayXd& frequency_hz);

// White noise through one-pole filters at 40 Hz (high-pass) and 318 Hz (low-pass), per unit of ln f.
// source  EIA-426-A, recalled
[[nodiscard]] Eigen::ArrayXd noiseWeight(const Eigen::ArrayXd& frequency_hz);

// Mean power of programme that just touches clip, over that of a full-scale sine: 2 / 10^(CF/10). CF in dB.
[[nodiscard]] double programmeShare(double crestFactor_db);

// How far a cone goes with programme that just touches a sine's limit, E volts rms:
//   x = 3 x_rms, passed 0.3 % of the time;  x_rms^2 = E^2 2 10^(-CF/10) sum w x_peak^2 / 2
// excursion_m_v  peak, for one volt rms of sine;  programme  weights that add up to 1 (spectrumWeights)
// source         IEC 60268-1 (weight), recalled; normal distribution;  valid  linear cone
[[nodiscard]] double programmeTravel_m(double limit_v, double crestFactor_db, const Eigen::ArrayXd& programme,
                                       const Eigen::ArrayXd& excursion_m_v);

using Spectrum = std::function<Eigen::ArrayXd(const Eigen::ArrayXd& frequency_hz)>;

// integral(w |H|^2 dln f) / integral(w dln f) between two frequencies, by adaptive quadrature.
// weight, passed  values at given frequencies, >= 0
// errors  OutOfDomain (an empty band: not low < high)
[[nodiscard]] Outcome<double> spectrumFraction(const Spectrum& weight, const Spectrum& passed, double low_hz,
                                               double high_hz);

}  // namespace core
