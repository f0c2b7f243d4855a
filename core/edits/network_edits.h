#pragma once

#include <map>
#include <optional>

#include "core/model/board.h"
#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// Who hangs on which leg of a board.
using BoardSpeakers = std::map<Leg, DeviceId>;

// The board of two or three legs behind which a speaker hangs, and the filter of one leg in its own lead, each through
// whatever else lies there; none where there is none.
[[nodiscard]] DeviceId networkOf(const Fitout& fitout, DeviceId speaker);
[[nodiscard]] DeviceId inlineFilterOf(const Fitout& fitout, DeviceId speaker);
// The leg of a board that a speaker hangs on; nothing where it hangs on none of it.
[[nodiscard]] std::optional<Leg> legTo(const Fitout& fitout, DeviceId board, DeviceId speaker);
// The tweeter that plays on the woofer's channel; none where there is none, or for what is a tweeter itself.
[[nodiscard]] DeviceId tweeterBeside(const Fitout& fitout, DeviceId woofer, const Practice& practice);

// As planned: what arrived at the lowest speaker arrives at the board, which goes on to all of them; one with the same
// legs that is there already is exchanged, another one goes, and so does a filter of one leg. The leads of the others go; what went on from the lowest
// speaker goes on from before the board, with its whole range, and what went on from the others stays. Of one leg it
// lies in its speaker's lead. Both sides where one follows the other.
// requires drivers at the goal, one for each leg of the board
[[nodiscard]] Edit fitNetwork(const Plan& plan, const BoardSpeakers& speakers, const Part& board);
// The same with one that is made of these parts: a capacitor that sits on a speaker is bridged where a capacitor of its
// leg does what it did.
[[nodiscard]] Edit fitMadeNetwork(const Plan& plan, const BoardSpeakers& speakers, const BoardParts& parts);
// What comes to the board behind which this speaker hangs comes from another channel of the same source, with whatever
// else hangs on those leads; on the other side from that channel's twin.
// requires a board, and a channel of the source that feeds it
[[nodiscard]] Edit feedBoardFrom(const Plan& plan, DeviceId speaker, const Port& channel);
// The leg whose screws a source reaches, by a lead of its own or from the board's input round it; nothing where it is
// wired as it should be.
[[nodiscard]] std::optional<Leg> legFedBySource(const Fitout& fitout, DeviceId board);
// What arrives at the screws of that leg arrives at the input, and what hung on the input hangs on that leg; a link from
// the one to the other goes. Both sides that are wired so.       requires a board at the goal
[[nodiscard]] Edit turnBoardRound(const Plan& plan, DeviceId board);
// Where a board sits, on both sides; Hidden: nobody says.       requires a network at the goal
[[nodiscard]] Edit siteNetwork(const Plan& plan, DeviceId board, PlaceKind site);
// It goes again, on both sides: the lowest speaker takes its wires, and what the others were fed goes on from there; a
// capacitor that was bridged for it on what it fed carries again.
// requires a board at the goal
[[nodiscard]] Edit takeBoardOut(const Plan& plan, DeviceId board);
// The same of the one that a speaker hangs behind; nothing where there is none.
[[nodiscard]] Edit removeNetwork(const Plan& plan, DeviceId speaker);

}  // namespace core
