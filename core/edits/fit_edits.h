#pragma once

#include <set>

#include "core/model/driver_fit.h"
#include "core/model/edit.h"
#include "core/practice/practice.h"

namespace core {

// How a driver sits in its place, decided at the goal; the twin on the other side follows in the same edit.

// A spacer of this thickness between flange and face; 0: none.
[[nodiscard]] Edit fitSpacer(const Plan& plan, DeviceId device, double thickness_m);
// Any ring or spacer of the shelf; a part without a kind of its own: none.
[[nodiscard]] Edit fitSpacer(const Plan& plan, DeviceId device, const Part& spacer);
// An adapter ring cut for it: the driver's hole inside, the old one covered.
[[nodiscard]] Edit fitRing(const Plan& plan, DeviceId device, const HoleFit& hole, double thickness_m);
// Turned by so many degrees, counter-clockwise from the front; nothing: as the screws and wishes have it.
[[nodiscard]] Edit turnDriver(const Plan& plan, DeviceId device, std::optional<double> turn_deg);
[[nodiscard]] Edit fixDriver(const Plan& plan, DeviceId device, Fixing fixing);
// The tabs at its edge are broken off, or it keeps them.
[[nodiscard]] Edit breakTabs(const Plan& plan, DeviceId device, bool off);
// How long its screws are; 0: nobody knows.
[[nodiscard]] Edit setScrews(const Plan& plan, DeviceId device, double length_m);
// The hole of its place cut to this size; oval where a shorter way across is given.
[[nodiscard]] Edit cutHole(const Plan& plan, DeviceId device, double cutout_m, std::optional<double> short_m = {});
// Something else done to its place at the goal.
[[nodiscard]] Edit prepareHole(const Plan& plan, DeviceId device, AlterationKind what);
// The same taken back.
[[nodiscard]] Edit leaveAsItIs(const Plan& plan, DeviceId device, AlterationKind what);
// What the goal does of these kinds to a place, and to the one that follows it, is taken back.
[[nodiscard]] Edit leaveUncut(const Plan& plan, PlaceId place, const std::set<AlterationKind>& kinds);
// The owner agrees to cuts after all.
[[nodiscard]] Edit allowCutting(const Plan& plan);
[[nodiscard]] Edit setWireLength(const Plan& plan, WireId wire, double length_m);

}  // namespace core
