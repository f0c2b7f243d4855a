#pragma once

#include <Eigen/Core>

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

// Mean power of programme that just touches clip, over that of a full-scale sine: 2 / 10^(CF/10). CF in dB.
[[nodiscard]] double programmeShare(double crestFactor_db);

}  // namespace core
