#pragma once

#include <memory>
#include <vector>

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

// One stage's result. Whatever follows from equal inputs is taken over from results that are there already, which only
// saves time.
// known  made with this very practice, the likeliest first
[[nodiscard]] std::shared_ptr<const StageResult> makeStage(Fitout fitout, const Practice& practice,
                                                           const GridTables& tables,
                                                           std::vector<const StageResult*> known = {});

}  // namespace core
