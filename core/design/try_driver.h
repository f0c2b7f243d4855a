#pragma once

#include <optional>
#include <stop_token>
#include <vector>

#include "core/model/finding.h"
#include "core/model/shelf.h"
#include "core/model/usual_vehicle.h"

namespace core {

// A driver planned in one role: the whole plan with it, and what the rules say of it there.
struct Trial {
    Plan plan{};
    Evaluation evaluation{};
    std::vector<Finding> findings{};  // about this device and its channel, worst first
};

// requires that the device is there at the goal
[[nodiscard]] Trial tryDriver(const Plan& plan, const Practice& practice, const Part& part, DeviceId device,
                              const Evaluation& last = {});

// The edit that answers a request: for another driver, of the best candidates of the shelf the one that the rules say
// least against, and that is not fitted already; for a bracket, the flattest that fits; for a crossover, the one
// against which the rules say less than against what stands; for the sides of a seat, delays and levels that let them
// arrive together; for a spot, the best of the map for the first who listens, if it is better than where the driver
// stands. Nothing if there is none. stop  asked before each candidate; what comes back after that is no answer
// vehicles  what is usual: for a spot alone
[[nodiscard]] std::optional<Edit> answer(const SolverRequest& request, const Plan& plan, const Practice& practice,
                                         const Shelf& shelf, const std::stop_token& stop = {},
                                         const UsualVehicles& vehicles = {});

}  // namespace core
