#pragma once

#include <vector>

#include "core/base/outcome.h"

namespace core {

// Windows of (reading - leads) / nominal. Common practice, no source.
struct OhmmeterWindows {
    double coreLow = 0.70, coreHigh = 0.90, wideLow = 0.60, wideHigh = 1.00, centre = 0.82, open_ohm = 60.0;
};

struct NominalCandidate {
    double nominal_ohm = 0.0;
    double ratio = 0.0;
    bool core = false;
    bool operator==(const NominalCandidate&) const = default;
};

struct NominalGuess {
    std::vector<NominalCandidate> candidates{};  // best first
    bool likely = false;                         // one core candidate and no second one at all
};

struct OhmmeterReading {
    double reading_ohm = 0.0;
    double leads_ohm = 0.0;  // what the leads read when shorted
    double error_ohm = 0.0;  // of the meter, either way; widens the wide window only
};

// Which nominal impedance (kCarSpeakers_ohm) a direct-current reading speaks for, one moving coil, 20 degC.
// errors    Inconsistent (reading not above the leads), Open (above windows.open_ohm), NotFinite, OutOfDomain
// (negative) warnings  NoCandidate source    common practice; IEC 60268-5 has only the 80 % rule
[[nodiscard]] Outcome<NominalGuess> nominalFromReading(const OhmmeterReading& reading, const OhmmeterWindows& windows);

}  // namespace core
