#pragma once

#include <optional>

#include "core/model/edit.h"
#include "core/model/part.h"

namespace core {

// Edits of one capacitor, coil of wire or resistor, as planned. Each is one step; the other side follows, whichever of
// a pair is named. A plan whose goal is still what was found gets a planned stage first.

// The same part with another value. A capacitor that sits on its speaker stays there with a link across it, and the
// other one goes into the lead. A network that was bought becomes one that is made.
// requires that the device has this element at the goal, not in a speaker unless it is a capacitor
[[nodiscard]] Edit setPartValue(const Plan& plan, const Port& element, double value);

// The driver behind one capacitor of this value in all: what else lies in series before it is taken out or bridged.
// requires a driver at the goal
[[nodiscard]] Edit oneCapacitor(const Plan& plan, DeviceId driver, double capacitance_f);

// The same value in one that bears so many volts.
// requires that the device has this capacitor at the goal
[[nodiscard]] Edit rateCapacitor(const Plan& plan, const Port& capacitor, double voltage_v);

// A link across an element's two ends: it stays where it is and carries nothing. One that is there already is enough.
[[nodiscard]] Edit bypass(const Plan& plan, const Port& element);

// It is no longer on the way: what was put into a lead goes, what lies across a speaker goes as a whole, a place on a
// board stays empty (a link where it lay in series), and what came with the vehicle is bridged.
// requires that the device has this element at the goal
[[nodiscard]] Edit takePartOut(const Plan& plan, const Port& element);

}  // namespace core
