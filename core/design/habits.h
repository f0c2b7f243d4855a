#pragma once

#include "core/design/spots.h"

namespace core {

// Where people put a driver, and which way they let it look.
struct Habit {
    enum class Way { AsItStands, BetweenHeads, NearEar, FarEar, AtTheGlass, StraightOut } way = Way::AsItStands;
    enum class Height { Any, High, Low } height = Height::Any;  // on a door card
    PlaceKind kind = PlaceKind::Door;
    SurfaceId surface{};  // none: where the driver stands now
    Spot spot{};          // of a closed one without points
    std::optional<Closed> closed{};
};

// The habits of the trade for this vehicle and these ears, the most points first, the driver as it stands among them,
// what is closed last. Only what lies ahead of somebody who listens, unless nothing does.
// task  as for the map; its count is not looked at
[[nodiscard]] std::vector<Habit> rankHabits(const StageResult& stage, const Practice& practice, const SpotTask& task);

}  // namespace core
