#pragma once

#include <stop_token>
#include <string>
#include <vector>

#include "core/model/evaluation.h"
#include "core/model/finding.h"
#include "core/model/shelf.h"
#include "core/model/usual_vehicle.h"

namespace core {

enum class RemedyKind { Uncover, Seal, BypassCapacitor, AnotherDriver, AddTweeter, AddSubwoofer };

// Something that could be done about a complaint, and what it would change at one head.
struct Remedy {
    RemedyKind kind{};
    PlaceId place{};
    DeviceId device{};
    std::string spot{};  // of what is added: the usual spot's name
    Edit edit{};
    double level_db = 0.0;    // mean level in the complaint's band at equal source volts
    double balance_db = 0.0;  // the same against 250 Hz-4 kHz
    double reach_db = 0.0;    // loudest clean level, mean of the product's bands that lie in the complaint's
};

// Each tried by itself on the goal, most change first; those that change less than practice calls worth offering are
// left out. What is added is the shelf's: a tweeter at a usual spot that has none, with a capacitor of its own; a
// subwoofer with an amplifier of its own, its fuse and its cable.
// evaluation  of this plan; its goal is what they are compared to
[[nodiscard]] std::vector<Remedy> remedies(const Plan& plan, const Practice& practice, const Shelf& shelf,
                                           const UsualVehicles& vehicles, const Evaluation& evaluation,
                                           Complaint complaint, ListenerId listener, std::stop_token stop = {});

}  // namespace core
