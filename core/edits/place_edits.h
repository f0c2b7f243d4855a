#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// A spot that holds or could hold a driver, and its mirrored twin on the other side, which follows it; on the centre
// plane (within 5 cm) one spot alone. The names get "left" and "right".
[[nodiscard]] Edit addPlaces(const Plan& plan, PlaceKind kind, const std::string& name, const Frame& frame);

// What is known of a place becomes this; its twin becomes the mirror image if one of them follows the other.
// requires that the place is there; its pair and who follows whom stay as they are
[[nodiscard]] Edit changePlace(const Plan& plan, PlaceId id, const Place& place);

// From now on each side may differ, its way in too: neither follows the other.
[[nodiscard]] Edit freeSides(const Plan& plan, PlaceId id);

// The place goes, and its twin if it follows. What was there is nowhere from now on, and its wires stay.
[[nodiscard]] Edit removePlace(const Plan& plan, PlaceId id);

// The other side becomes the mirror image of this one, its drivers at this stage those of this one in the same order,
// and follows it again.      requires a place with a pair
[[nodiscard]] Edit copySide(const Plan& plan, StageId stage, PlaceId from);

// What the two sides of a pair have different: what copySide would change.
struct SideDifference {
    enum class What { Kind, Position, Behind, Cover, Room, Driver } what{};
    double apart_m = 0.0, turned_rad = 0.0;  // of Position: between one and the mirror image of the other
    Quantity quantity{};                     // of Room
    std::optional<double> here{}, there{};   // of Room; nothing where it is unknown
    PartId partHere{}, partThere{};          // of Driver; none where there is none
};
[[nodiscard]] std::vector<SideDifference> sideDifferences(const Fitout& fitout, PlaceId id);

}  // namespace core
