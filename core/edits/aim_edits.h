#pragma once

#include <map>

#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// Where a driver stands and looks, decided at the goal. Its twin on the other side takes the mirrored spot in the same
// edit, unless it is aimed by itself.

// Where the device stands at a stage: its own frame, else its place's; nothing for one that is nowhere.
[[nodiscard]] std::optional<Frame> frameOf(const Fitout& fitout, DeviceId device);
// The driver of the other side that takes the mirrored spot of whatever this one is put to; none: none does.
[[nodiscard]] DeviceId aimTwin(const Fitout& fitout, DeviceId device);
// The driver that does the same on the other side, whether it follows or not.
[[nodiscard]] DeviceId acrossFrom(const Fitout& fitout, DeviceId device);

// A driver put somewhere else.
[[nodiscard]] Edit placeDriver(const Plan& plan, DeviceId device, const Frame& frame);
// Put onto a surface: where it has another driver's place already, or none of its kind, a place of its own is made for
// it there, since the hole and the depth are others.
[[nodiscard]] Edit putDriverOn(const Plan& plan, DeviceId device, const Frame& frame, const Surface& surface);
// Back to where it was found; one that is new goes to where its place is.
[[nodiscard]] Edit putBack(const Plan& plan, DeviceId device);

// From now on each side is aimed by itself; the other side becomes the mirror image of this one, and follows again.
// requires a twin
[[nodiscard]] Edit freeAim(const Plan& plan, DeviceId device);
[[nodiscard]] Edit mirrorAim(const Plan& plan, DeviceId device);

// How it sits in what it is put on.
[[nodiscard]] Edit setMountStyle(const Plan& plan, DeviceId device, MountStyle style);

// Somebody read in the vehicle maker's data that nothing unfolds there, or takes that back.
[[nodiscard]] Edit clearZone(const Plan& plan, RestraintZone zone, bool cleared);

// One surface becomes this; what else can be mounted on becomes the vehicle's own with it, so that it stays. The one of
// the other side becomes its mirror image where it was that before.
// mounts  those in force: mountsOf
[[nodiscard]] Edit changeSurface(const Plan& plan, const std::map<SurfaceId, Surface>& mounts, SurfaceId id,
                                 const Surface& surface);

}  // namespace core
