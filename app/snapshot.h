#pragma once

#include <optional>
#include <vector>

#include "core/job/job_plan.h"
#include "core/judgement/measure_next.h"

namespace app {

// A plan with everything that follows from it, at one moment. Views show it and keep none of it.
struct Snapshot {
    core::Plan plan{};
    core::Evaluation evaluation{};
    std::vector<core::Finding> findings{};
    core::JobPlan job{};
    std::optional<core::NextReading> next{};  // once the spread is known
    bool settling = false;                    // until then: what rests on it is held as it was

    [[nodiscard]] const core::StageResult& before() const { return *evaluation.stages.at(core::kFound); }
    [[nodiscard]] const core::StageResult& after() const { return *evaluation.stages.at(plan.job.goal); }
};

}  // namespace app
