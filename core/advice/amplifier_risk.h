#pragma once

#include <optional>

#include "core/model/evaluation.h"

namespace core {

// How far another coil can be trusted on an amplifier of which nobody knows the least load: by what it has always
// driven.      source  common practice, no source: at least 0.9 of the old resistance is accepted
enum class RiskGrade { Accepted, Some, High };

struct AmplifierRisk {
    RiskGrade grade{};
    double ratio = 0.0;  // new resistance over old
    Origin worst = Origin::Measured;
    std::optional<double> series_ohm{};  // an E12 resistor in series that brings the old resistance back
    double seriesLoss_db = 0.0;          // and what it costs
    double nearest_ohm = 0.0;            // the nominal impedance that would be accepted, nearest
    bool oldUnmeasured = false;          // an ohmmeter at the old coil settles most
};

// Nothing where the least load is known, where the source is not the factory's, or where the coil is the same.
[[nodiscard]] std::optional<AmplifierRisk> amplifierRisk(const Plan& plan, const Evaluation& evaluation,
                                                         DeviceId device);

}  // namespace core
