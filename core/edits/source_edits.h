#pragma once

#include <string>
#include <vector>

#include "core/model/edit.h"
#include "core/survey/pin_table.h"

namespace core {

// A radio or an amplifier with these channels, nothing known of it but their names. Two channels of which one name ends
// in L and the other in R are twins. `at`: none if nobody has found it yet.
[[nodiscard]] Edit addSource(const Plan& plan, StageId stage, PartKind kind, const std::vector<std::string>& channels,
                             PlaceId at);

// One of the shelf, as it stands there.
[[nodiscard]] Edit addSource(const Plan& plan, StageId stage, const Part& part, PlaceId at);

// A source goes, with its wires.
[[nodiscard]] Edit removeSource(const Plan& plan, StageId stage, DeviceId device);

// Where it is.
[[nodiscard]] Edit putSource(const Plan& plan, StageId stage, DeviceId device, PlaceId at);

// What is known of a source's pins: their plugs, numbers, how they were proved, and the colours of the wires that leave
// them. A row for a terminal that the source does not have is passed over.
[[nodiscard]] Edit notePins(const Plan& plan, StageId stage, DeviceId device, const std::vector<PinRow>& rows);

}  // namespace core
