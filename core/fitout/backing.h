#pragma once

#include <optional>

#include "core/model/evaluation.h"

namespace core {

// What a driver at a place of this kind is usually cut into; nothing where nobody cuts anything.
[[nodiscard]] std::optional<Backing> usualBacking(PlaceKind kind);
// What this place's hole is cut into: as the vehicle's own surface there says, else what its screws bite in, else as
// usual.
[[nodiscard]] std::optional<Backing> backingAt(const Fitout& fitout, const Place& place);

}  // namespace core
