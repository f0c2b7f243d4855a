#pragma once

#include <optional>
#include <vector>

#include "core/model/finding.h"
#include "core/model/shelf.h"

namespace core {

// A driver of the shelf tried in one role: what the whole plan would be like with it.
struct Candidate {
    Part part{};
    bool fitted = false;                // it is the one that stands there at the goal
    double least_ohm = 0.0;             // what the channel would see
    double levelChange_db = 0.0;        // on axis, 250 Hz-4 kHz, at equal source volts, against what was found
    std::optional<double> corner_hz{};  // of the capacitor in front of it, into its nominal impedance
    std::vector<Finding> findings{};    // about this device and its channel, worst first
};

// Every driver of the shelf in this role, best first: fewest Stops, then Cares, then most level.
// requires that the device is there at the goal
[[nodiscard]] std::vector<Candidate> rankDrivers(const Plan& plan, const Practice& practice, const Shelf& shelf,
                                                 DeviceId device, const Evaluation& last = {});

// The edit that answers a request for another driver: the best candidate that is not fitted already. Nothing if the
// shelf has none.
[[nodiscard]] std::optional<Edit> answer(const SolverRequest& request, const Plan& plan, const Practice& practice,
                                         const Shelf& shelf);

}  // namespace core
