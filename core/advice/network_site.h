#pragma once

#include <set>
#include <vector>

#include "core/model/evaluation.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// What speaks against putting a crossover board somewhere.
enum class SiteFault { Wet, Hot, Feet, BehindTrim };

// Somewhere a board can sit in this kind of vehicle.
struct NetworkSite {
    PlaceKind kind = PlaceKind::Door;
    double leads_m = 0.0;  // of its pairs, one way: from the source to it and on to each speaker, along the body
    std::set<SiteFault> faults{};
    bool closed = false;  // where the driver's feet work: nothing is put there
    double points = 0.0;  // 100 less what speaks against it (practice)
    bool operator==(const NetworkSite&) const = default;
};

// Beside its lowest speaker, and at the usual spots of the vehicle where a board has room, best first, what is closed
// last. By class: where exactly it goes, whoever fits it decides.
// source  what is wet, hot, kicked or hard to reach: common practice, no source
// requires a network with a place, that feeds speakers with places
[[nodiscard]] std::vector<NetworkSite> networkSites(const StageResult& stage, DeviceId board,
                                                    const UsualVehicles& vehicles, const Practice& practice);

}  // namespace core
