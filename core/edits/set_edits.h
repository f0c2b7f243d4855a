#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/model/edit.h"
#include "core/model/shelf.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// A component set: woofer, tweeter and the network between them, sold as one article.
struct ComponentSet {
    const Part* woofer = nullptr;
    const Part* tweeter = nullptr;
    const Part* network = nullptr;  // none: each has its own filter, or another must come
};
// What is in a set of the shelf; nothing where an article of it is missing there or it has no woofer or no tweeter.
[[nodiscard]] std::optional<ComponentSet> contentsOf(const Shelf& shelf, const Part& set, const Practice& practice);
// The set of the shelf that this driver is in.
[[nodiscard]] const Part* setWith(const Shelf& shelf, const std::string& driverKey);

// The set as planned, both sides where one follows the other: its woofer in this role, its tweeter in that of the
// tweeter on the same channel, or at the row's usual spot for one where there is none; what arrived at the woofer
// arrives at the network, and the tweeter's own wires go.
// requires that the woofer's device is a driver at the goal
[[nodiscard]] Edit fitSet(const Plan& plan, DeviceId woofer, const ComponentSet& set, const UsualVehicles& vehicles,
                          const Practice& practice);

}  // namespace core
