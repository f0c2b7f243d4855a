#pragma once

#include <optional>

#include "core/model/board.h"
#include "core/model/edit.h"

namespace core {

// Edits of a whole leg of a board, as planned; the other side follows. A network that was bought becomes one that is
// made.

// Past the nearest part that lies the other way, in the lead or across it: past one that lies the same way nothing
// would change. Where it is then: names go by rank.
struct MovedPart {
    Edit edit{};
    Port now{};
};
enum class Along { ToInput, ToSpeaker };
// Nothing where it is no part of a board, where none lies beyond it, where a value is not known, or where a bridge goes
// round something on that leg.
[[nodiscard]] std::optional<MovedPart> movePart(const Plan& plan, const Port& part, Along along);

// The same filter for other ohms: coils and resistors as many times as large, capacitors as many times smaller, each
// the nearest of E12.       requires a leg made for some ohms, with known values
[[nodiscard]] Edit makeLegFor(const Plan& plan, DeviceId board, Leg leg, double load_ohm);

}  // namespace core
