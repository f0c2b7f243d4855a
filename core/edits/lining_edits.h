#pragma once

#include "core/fitout/lining.h"
#include "core/model/edit.h"

namespace core {

// A mat, a decoupler or a barrier on the metal behind a place and its twin that follows; instead of what lay there.
// requires isLining(what), covered_m2 > 0, 1 to 4 layers and a material of that kind
[[nodiscard]] Edit linePlace(const Plan& plan, StageId stage, PlaceId place, AlterationKind what,
                             const LiningWanted& wanted);
// None of this kind there any more.
[[nodiscard]] Edit takeLiningOut(const Plan& plan, StageId stage, PlaceId place, AlterationKind what);

}  // namespace core
