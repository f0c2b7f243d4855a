#pragma once

#include <complex>

#include "core/base/outcome.h"

namespace core {

struct SpeakerCable {
    double wire_ohm = 0.0;    // both ways
    double output_ohm = 0.0;  // of the amplifier, small signal
    double nominal_ohm = 4.0;
};

struct CableEffect {
    double change_db = 0.0;      // at the driver, against no cable and no output resistance
    double dampingFactor = 0.0;  // at the driver
    double wireShare = 0.0;      // of the power, in the wire
};

// change = 20 log |Z / (Z + Rw + Rout)|, DF = Zn / (Rw + Rout), share = Rw / (real(Z) + Rw + Rout)
// errors  Singular (everything together is 0)      source  circuit theory
[[nodiscard]] Outcome<CableEffect> cableEffect(const SpeakerCable& cable, std::complex<double> load_ohm);

// Qes' = Qes (Re + Rw + Rout) / Re
[[nodiscard]] inline double qesBehind(double series_ohm, double re_ohm, double qes)
{
    return qes * (re_ohm + series_ohm) / re_ohm;
}

}  // namespace core
