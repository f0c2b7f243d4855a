#pragma once

#include <string>
#include <vector>

#include "core/model/edit.h"

namespace core {

// A radio or an amplifier with these channels, nothing known of it but their names. Two channels of which one name ends
// in L and the other in R are twins. `at`: none if nobody has found it yet.
[[nodiscard]] Edit addSource(const Plan& plan, StageId stage, PartKind kind, const std::vector<std::string>& channels,
                             PlaceId at);

// A source goes, with its wires.
[[nodiscard]] Edit removeSource(const Plan& plan, StageId stage, DeviceId device);

// Where it is.
[[nodiscard]] Edit putSource(const Plan& plan, StageId stage, DeviceId device, PlaceId at);

}  // namespace core
