#pragma once

#include "core/job/place_work.h"
#include "core/job/step_list.h"

namespace core {

// What lay on the metal behind a place comes off, what is planned goes on: clean and warm, laid and rolled, looked
// over.
void addLiningSteps(StepList& steps, const Body& body, PlaceId place, const PlaceWork& work);

}  // namespace core
