#pragma once

#include <optional>

#include "core/model/edit.h"

namespace core {

// Another driver, joined to the vehicle's plug by an adapter lead of the shelf, so that no wire is cut; no lead: it
// plugs in as it is, and one that an earlier choice brought goes again. The other side follows in the same edit.
// requires that the lead has the ends kLeadIn and kLeadOut
[[nodiscard]] Edit fitPluggedIn(const Plan& plan, DeviceId device, const Part& part, const Part* lead);

// Each core of the cable that comes to a driver from what feeds it: its cross-section or its length, one way; nothing:
// nobody knows. With both it is a resistance. The driver of the other side follows.
// requires a driver, and what to be Area_m2 or Length_m
[[nodiscard]] Edit noteCable(const Plan& plan, StageId stage, DeviceId driver, Quantity what,
                             const std::optional<Known>& value);

}  // namespace core
