#pragma once

#include <array>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/model/usual_vehicle.h"
#include "core/practice/practice.h"

namespace core {

// What Walk-round writes. `stage` is the factory's or what was found: what a later stage decides for itself stays. What
// the factory never had is written at what was found.

// What a vehicle of this kind is mostly used for; common practice, no source.
[[nodiscard]] Use usualUse(BodyKind kind);
// A job on a vehicle of which only the kind is known: usual measures and seats, nothing fitted, nothing wired.
[[nodiscard]] Plan newPlan(BodyKind kind, const UsualVehicles& vehicles);

// Another kind brings its usual measures; another kind, cab, measure or side of the wheel moves the seats that stand
// where they usually do. Places stay.
[[nodiscard]] Edit setBody(const Plan& plan, const Body& body, const UsualVehicles& vehicles);

[[nodiscard]] Edit setJob(const Plan& plan, const Job& job);
// What one ear of the customer needs more than a normal one at these frequencies; no levels: nobody knows.
inline constexpr std::array<double, 6> kAudiogram_hz{250.0, 500.0, 1000.0, 2000.0, 4000.0, 8000.0};
[[nodiscard]] Edit setHearing(const Plan& plan, bool left, const std::vector<double>& level_db);

[[nodiscard]] Edit moveSeat(const Plan& plan, ListenerId listener, const Vec3& head_m);

// A place, or a pair of them, with what is usually there on a source's wires: a tweeter with its own capacitor on those
// of the woofer of its row, anything else on channels of its own. The source is the first one that has them to spare,
// else an amplifier of which nothing is known. Everything of it is a class guess.
[[nodiscard]] Edit addSpeakers(const Plan& plan, StageId stage, const UsualSpot& spot, const Practice& practice);
// The same at places that are there already, with nothing in them.
[[nodiscard]] Edit addSpeakersAt(const Plan& plan, StageId stage, PlaceId place, const UsualSpot& spot,
                                 const Practice& practice);

// The driver that came with an edit, leading its side; none where no driver came.
// before  the same stage before it
[[nodiscard]] DeviceId newDriver(const Fitout& fitout, const Fitout& before);
[[nodiscard]] DeviceId newSource(const Fitout& fitout, const Fitout& before);

// Nothing is fitted there after all: the driver and its wires go, and its twin's where the other side follows.
[[nodiscard]] Edit removeSpeaker(const Plan& plan, StageId stage, DeviceId device);

// What a part is: of this device and its twin that follows, in every stage. Others that play the same part keep it.
[[nodiscard]] Edit changePart(const Plan& plan, StageId stage, DeviceId device, const Part& part);

// The same, by somebody who looked: it is no guess any more that this part is there.
[[nodiscard]] Edit seenThere(const Plan& plan, StageId stage, DeviceId device, const Part& part);

// The driver's wires end at this channel, its twin's at the channel's twin.
[[nodiscard]] Edit connectSpeaker(const Plan& plan, StageId stage, DeviceId device, const Port& channel);
// Whether this driver's wires may go on from that one's terminals: not from itself, from its twin, or from one that it
// feeds.
[[nodiscard]] bool mayFeed(const Fitout& fitout, DeviceId from, DeviceId device);
// The driver's wires go on from another driver's terminals: both hang on one pair. Nothing changes where it may not.
[[nodiscard]] Edit loopThrough(const Plan& plan, StageId stage, DeviceId device, DeviceId from);

// One wire's colour; the other side's is another one.
[[nodiscard]] Edit colourWire(const Plan& plan, StageId stage, WireId wire, const std::string& colour);

// Something done to a place, or not: sealed round the edge of the driver, its cover opened. The twin too where it
// follows.
[[nodiscard]] Edit alterPlace(const Plan& plan, StageId stage, PlaceId place, AlterationKind what, bool done);

// A capacitor in series with everything in a driver, as it is moulded in or soldered on; nothing: none. A capacitor
// that is there already takes the value.
void setOwnCapacitor(Part& part, const std::optional<Known>& capacitance);

}  // namespace core
