#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

#include "core/io/shop.h"
#include "core/job/job_plan.h"
#include "core/judgement/measure_next.h"

namespace app {

// A plan with everything that follows from it, at one moment, and the shop it was planned from. Views keep it as a
// whole, never a pointer into it; the next one stands beside it.
struct Snapshot {
    std::uint64_t revision = 0;  // of the plan and the shop: what a solver answers is of one revision
    std::shared_ptr<const core::Shop> shop{};
    core::Plan plan{};
    core::Evaluation evaluation{};
    std::vector<core::Finding> findings{};
    core::JobPlan job{};
    std::optional<core::NextReading> next{};  // once the spread is known
    bool settling = false;                    // until then: what rests on it is held as it was

    // The shop's with what this plan changes in it: the only practice that a view of the plan knows.
    [[nodiscard]] const core::Practice& practice() const { return evaluation.practice; }
    [[nodiscard]] const core::StageResult& before() const { return *evaluation.stages.at(core::kFound); }
    [[nodiscard]] const core::StageResult& after() const { return *evaluation.stages.at(plan.job.goal); }
};

using SharedSnapshot = std::shared_ptr<const Snapshot>;

}  // namespace app
