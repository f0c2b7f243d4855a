#pragma once

#include <string>
#include <vector>

#include "core/model/wiring.h"

namespace core {

// Response: of a coil's driver by itself, on axis, at a distance. InPlace: in the vehicle, at one listener's head.
// Hearing: what one ear of the customer needs more than a normal one, in dB, as an audiogram has it.
enum class CurveKind { Response, InPlace, Hearing, Target };

// A measured response, loaded into the plan.
struct Curve {
    CurveKind kind = CurveKind::Response;
    std::string name{};
    std::vector<double> frequency_hz{};  // rising
    std::vector<double> level_db{};      // re 20 uPa at the voltage below
    std::vector<double> phase_deg{};     // empty: not measured
    double voltage_v = 2.8284271247461903;
    double distance_m = 1.0;     // of a Response
    bool flightInPhase = false;  // the phase holds the flight over that distance
    Port coil{};                 // InPlace: which coil played
    ListenerId listener{};       // InPlace: at whose head
    Figures box{};               // a Response's low end was measured in this box: volume, tuning, leak; else a baffle
    bool operator==(const Curve&) const = default;
};

}  // namespace core
