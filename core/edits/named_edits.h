#pragma once

#include <optional>

#include "core/model/edit.h"

namespace core {

// Ready-made edits, as screens and mends ask for them. Each is one undoable step. Where the place leads a pair, the
// other side follows in the same edit. A plan whose goal is still what was found gets a planned stage first.

// Another part in the same role: the wires stay, and several coils of one cone are joined as the channel wants them
// (usualJoin). `part` is copied into the plan unless it is there already.
[[nodiscard]] Edit fitPart(const Plan& plan, DeviceId device, const Part& part);

// Of the channel and of its twin on the other side.
[[nodiscard]] Edit setHighPass(const Plan& plan, const Port& channel, const Filter& filter);
[[nodiscard]] Edit dropHighPass(const Plan& plan, const Port& channel);

// The channel's knobs, and those of its twin on the other side.
// requires a channel at the goal
[[nodiscard]] Edit setChannel(const Plan& plan, const Port& channel, const Setting& setting);

// Delays, levels and polarity of several channels at once.
[[nodiscard]] Edit setChannels(const Plan& plan, const std::map<Port, Setting>& settings);

// An ohmmeter at a coil with its plug off, and what follows: Re of that part is now measured, in every stage.
// requires reading_ohm > leads_ohm >= 0, and a coil of that name
[[nodiscard]] Edit readResistance(const Plan& plan, StageId stage, const Port& coil, double reading_ohm,
                                  double leads_ohm);

// An ohmmeter at a channel's own terminals, its plug off: kept beside what is expected there, and settles nothing. A
// reading taken there before is replaced; nothing: it is taken back.
[[nodiscard]] Edit readChannel(const Plan& plan, StageId stage, const Port& channel, std::optional<double> reading_ohm,
                               double leads_ohm = 0.0);

}  // namespace core
