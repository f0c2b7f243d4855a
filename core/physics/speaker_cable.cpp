#include "core/physics/speaker_cable.h"

#include "core/physics/level.h"

namespace core {

Outcome<CableEffect> cableEffect(const SpeakerCable& cable, std::complex<double> load_ohm)
{
    const double series_ohm = cable.wire_ohm + cable.output_ohm;
    if (std::abs(load_ohm + series_ohm) == 0.0) return refuse(ErrorCode::Singular, "load_ohm", 0.0, "not a dead short");
    if (series_ohm == 0.0) return Answer<CableEffect>{{0.0, 0.0, 0.0}, {{WarningKind::NoResistance}}};
    return Answer<CableEffect>{{decibels(std::abs(load_ohm / (load_ohm + series_ohm))), cable.nominal_ohm / series_ohm,
                                cable.wire_ohm / (load_ohm.real() + series_ohm)},
                               {}};
}

}  // namespace core
