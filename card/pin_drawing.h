#pragma once

#include <QString>
#include <vector>

#include "core/fitout/resolve.h"
#include "core/job/job_plan.h"

namespace card {

// A source's plugs that the job's wires reach, pin by pin: counted ones in a row by their numbers, else each channel's
// plus over its minus. What each carries, its colour, and the label of the wire that leaves it. One HTML table a plug;
// the shape of a plug nobody has drawn, so it is none.
[[nodiscard]] std::vector<QString> pinDrawings(const core::JobPlan& job, const core::Fitout& after);

}  // namespace card
