#pragma once

#include <string>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"

namespace core {

// A spot that holds or could hold a driver, and its mirrored twin on the other side, which follows it; on the centre
// plane (within 5 cm) one spot alone. The names get "left" and "right".
[[nodiscard]] Edit addPlaces(const Plan& plan, PlaceKind kind, const std::string& name, const Frame& frame);

// What is known of a place becomes this; its twin becomes the mirror image if it follows.
// requires that the place is there; its pair and who follows whom stay as they are
[[nodiscard]] Edit changePlace(const Plan& plan, PlaceId id, const Place& place);

// From now on each side may differ: neither follows the other.
[[nodiscard]] Edit freeSides(const Plan& plan, PlaceId id);

// The place goes, and its twin if it follows. What was there is nowhere from now on, and its wires stay.
[[nodiscard]] Edit removePlace(const Plan& plan, PlaceId id);

// The other side becomes the mirror image of this one, its drivers those of this one in the same order, and follows it
// again.      requires a place with a pair
[[nodiscard]] Edit copySide(const Plan& plan, PlaceId from);

// What the two sides of a pair have different: what copySide would change.
struct SideDifference {
    enum class What { Kind, Position, Cover, Room, Driver } what{};
    Quantity quantity{};             // of Room
    double here = 0.0, there = 0.0;  // of Room; of Position: how far apart the mirror images are, m, and turned, rad
    PartId partHere{}, partThere{};  // of Driver
};
[[nodiscard]] std::vector<SideDifference> sideDifferences(const Fitout& fitout, PlaceId id);

}  // namespace core
