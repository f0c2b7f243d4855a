#pragma once

#include <optional>

#include "core/base/outcome.h"
#include "core/physics/driver.h"

namespace core {

// What a sheet or a measurement says of a driver; any of it may be missing, and some of it may contradict the rest.
struct KnownDriver {
    std::optional<double> fs_hz{}, re_ohm{}, sd_m2{};
    std::optional<double> qms{}, qes{}, qts{}, maxImpedance_ohm{};
    std::optional<double> vas_m3{}, cms_m_n{}, mms_kg{}, bl_tm{}, sensitivity_db{};  // at 2.83 V
    std::optional<double> le_h{};
};

struct CompletedDriver {
    DriverParameters parameters{};
    double qts = 0.0;
    DriverMechanics mechanics{};
    double sensitivity_db = 0.0;
};

// Completes a set by the identities: fs, Re, Sd, two of (Qms, Qes, Qts) or the impedance maximum for one, and one of
// (Vas, Cms, Mms, Bl, sensitivity). With Vas known, the sensitivity can stand for a missing Qes. Stated wins over
// computed. errors    OutOfDomain (a value not > 0; Le < 0), NotFinite, Underdetermined (naming what is missing),
//           Inconsistent (Qts not below Qms and Qes; maximum not above Re)
// warnings  "Differs(qts)" and the like: a stated value more than 5 % off what the others give
// source    A. N. Thiele, "Loudspeakers in vented boxes", J. Audio Eng. Soc. 19 (1971); Small (1972); IEC 60268-5
[[nodiscard]] Outcome<CompletedDriver> completeDriver(const KnownDriver& known);

// Radiating area of a round driver from its effective diameter (cone and half the surround on each side), or guessed
// from its frame (share of the diameter that works).      requires > 0
[[nodiscard]] double effectiveArea_m2(double diameter_m, double otherDiameter_m);

// Mass stuck to a cone: fs' = fs sqrt(Mms / (Mms + dm)), level change 20 log(Mms / (Mms + dm)).
struct AddedMassEffect {
    double fs_hz = 0.0, change_db = 0.0;
};
[[nodiscard]] AddedMassEffect withAddedMass(double fs_hz, double mms_kg, double added_kg);

}  // namespace core
