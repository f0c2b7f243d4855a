#pragma once

#include "core/model/edit.h"

namespace core {

// Another driver, joined to the vehicle's plug by an adapter lead of the shelf, so that no wire is cut; no lead: it
// plugs in as it is, and one that an earlier choice brought goes again. The other side follows in the same edit.
// requires that the lead has the ends kLeadIn and kLeadOut
[[nodiscard]] Edit fitPluggedIn(const Plan& plan, DeviceId device, const Part& part, const Part* lead);

}  // namespace core
