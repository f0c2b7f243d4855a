#pragma once

#include <string>
#include <vector>

#include "core/model/driver_fit.h"
#include "core/model/shelf.h"
#include "core/practice/practice.h"

namespace core {

// What fitting a driver does to a vehicle.
enum class DamageKind { WiderHole, NewScrewHoles, FactoryPlugCut, RingAdded, LeadAdded };

struct Damage {
    DamageKind kind{};
    bool permanent = false;
    double undo_min = 0.0;  // to bring back what was there, as far as it comes back
    std::string lead{};     // the adapter lead that saves the plug, by its shelf key
    bool operator==(const Damage&) const = default;
};

// The ends of an adapter lead: the vehicle's side and the driver's.
inline constexpr const char* kLeadIn = "h+";
inline constexpr const char* kLeadOut = "s+";

// factoryPlug  what plugs into the old driver; empty: nobody knows
[[nodiscard]] std::vector<Damage> damageOf(const Part& driver, const DriverFit& fit, const std::string& factoryPlug,
                                           const Shelf& shelf, const Practice& practice);

// The adapter lead of the shelf that saves the plug; nothing: none is needed or none does.
[[nodiscard]] const Part* leadThatSaves(const std::vector<Damage>& damage, const Shelf& shelf);

}  // namespace core
