#pragma once

#include <optional>

#include "core/fitout/coil_wiring.h"
#include "core/model/edit.h"

namespace core {

// The coils of a driver's cone joined another way, at a stage; the driver of the other side follows. What feeds the
// driver stays on it.
// second  with EachItsChannel: the channel of the second coil; without it the twin of the first one's, else the next
//         channel of that source that nothing is wired to. Where there is none, nothing changes.
// requires a driver with at least two coils on its cone; a join other than Other
[[nodiscard]] Edit connectCoils(const Plan& plan, StageId stage, DeviceId driver, CoilJoin join,
                                const std::optional<Port>& second = {});
// The same as planned: a plan without a goal of its own gets one.
[[nodiscard]] Edit planCoils(const Plan& plan, DeviceId driver, CoilJoin join);

// As a driver with several coils is joined at first: the lowest nominal impedance that this least load allows; where
// nobody knows it, the nearest to what was there.
[[nodiscard]] CoilJoin usualJoin(const Part& driver, std::optional<double> least_ohm, std::optional<double> before_ohm);

// As planned: the coil that pushes against the others is turned over at its terminals.
[[nodiscard]] Edit turnCoils(const Plan& plan, DeviceId driver, const Practice& practice);

// On a plan that is being edited.
void joinCoils(Plan& after, StageId stage, DeviceId driver, CoilJoin join, const std::optional<Port>& second = {});

}  // namespace core
