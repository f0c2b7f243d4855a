#pragma once

#include "core/base/outcome.h"

namespace core {

// Ports of a vented box, all alike.
//   Leff = n Sp c^2 / ((2 pi fb)^2 Vb),  L = Leff - k r,  r = sqrt(Sp / pi) of one port
// source  Small (1973); H. Levine, J. Schwinger (1948) for a free end, 0.613; one flanged end 0.85, customary
enum class PortEnds { OneFlanged, BothFlanged, BothFree, Slot };
[[nodiscard]] double endCorrection(PortEnds ends, double slot);  // k; slot: what practice says for one along a wall

struct BoxPort {
    double area_m2 = 0.0;  // of one
    int count = 1;
    double correction = 1.463;  // k
};

struct PortLength {
    double effective_m = 0.0, length_m = 0.0;
    double pipeResonance_hz = 0.0;  // c / (2 (L + k r)): keep above twice the low-pass corner
};
// errors    OutOfDomain as PortTooSmall (L <= 0: the area is too small for so high a tuning)
// warnings  PortFolds (longer than the largest inside measure, if that is given: > 0)
[[nodiscard]] Outcome<PortLength> portLength(const BoxPort& port, double box_m3, double tuning_hz, double boxLength_m);

// The tuning that a given length makes.
[[nodiscard]] double portTuning_hz(const BoxPort& port, double box_m3, double length_m);

// Peak air speed, sqrt2 |Up| / (n Sp), from the rms flow.
[[nodiscard]] double portSpeed_m_s(const BoxPort& port, double flow_m3_s);

}  // namespace core
