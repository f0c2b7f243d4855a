#pragma once

#include <vector>

#include "core/model/finding.h"

namespace core {

// Whether the spread, once it is known, could still move this finding: it rests on something that nobody measured.
[[nodiscard]] bool restsOnSpread(const Finding& finding);

// Findings of an edited plan while their spread is being worked out. One that was shown before and could still move
// keeps its place, its severity and its buttons, so that nothing changes under the hand; its figures and
// what its buttons do are those of the new plan. One that is new stands where the rules put it among its peers.
// shown      what the last plan's findings were, in their order
// unsettled  of judge(), without a spread
[[nodiscard]] std::vector<Finding> heldSteady(const std::vector<Finding>& shown, std::vector<Finding> unsettled);

}  // namespace core
