#pragma once

#include <algorithm>
#include <vector>

#include "core/job/job_plan.h"
#include "tests/core/demo_plan.h"

// The job of a plan, from what was found to its goal, and what is in it.
namespace tests {

inline core::JobPlan jobOf(const core::Plan& plan)
{
    return core::planJob(plan, core::kFound, plan.job.goal, evaluated(plan));
}

inline std::vector<core::Step> stepsOf(const core::JobPlan& job, core::StepKind kind)
{
    std::vector<core::Step> found;
    for (const core::Step& step : job.steps)
        if (step.kind == kind) found.push_back(step);
    return found;
}

inline std::ptrdiff_t countOf(const core::JobPlan& job, core::StepKind kind)
{
    return std::ssize(stepsOf(job, kind));
}

inline bool hasCaution(const core::Step& step, core::Caution caution)
{
    return std::find(step.cautions.begin(), step.cautions.end(), caution) != step.cautions.end();
}

inline std::vector<core::SmallPartRow> smallOf(const core::JobPlan& job, core::SmallPart part)
{
    std::vector<core::SmallPartRow> found;
    for (const core::SmallPartRow& row : job.smallParts)
        if (row.part == part) found.push_back(row);
    return found;
}

}  // namespace tests
