#pragma once

#include <memory>
#include <vector>

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

class SweepsByShape;

// One stage's result. Whatever follows from equal inputs is taken over from results that are there already, which only
// saves time.
// known   made with this very practice, the likeliest first
// sweeps  of the channels' circuits, for many stages that differ in values only; their last bits then depend on the
//         first of them
[[nodiscard]] std::shared_ptr<const StageResult> makeStage(Fitout fitout, const Practice& practice,
                                                           const GridTables& tables,
                                                           std::vector<const StageResult*> known = {},
                                                           SweepsByShape* sweeps = nullptr);

}  // namespace core
