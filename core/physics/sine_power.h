#pragma once

#include <complex>

#include "core/base/outcome.h"

namespace core {

struct SinePower {
    double current_a = 0.0;
    double power_w = 0.0;      // real
    double apparent_va = 0.0;  // V I
    double powerFactor = 0.0;
};

// I = V / |Z|, P = I^2 R, S = V I, pf = P / S, sinusoidal steady state, rms.
// errors  Singular (|Z| = 0)      source  circuit theory; IEC 60268-3 (amplifiers)
[[nodiscard]] inline Outcome<SinePower> sinePower(double voltage_v, std::complex<double> load_ohm)
{
    const double magnitude_ohm = std::abs(load_ohm);
    if (magnitude_ohm == 0.0) return refuse(ErrorCode::Singular, "load_ohm", 0.0, "not a dead short");
    const double current_a = voltage_v / magnitude_ohm;
    return Answer<SinePower>{
        {current_a, current_a * current_a * load_ohm.real(), voltage_v * current_a, load_ohm.real() / magnitude_ohm},
        {}};
}

}  // namespace core
