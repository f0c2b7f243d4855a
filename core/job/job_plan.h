#pragma once

#include <string>
#include <vector>

#include "core/job/parts_list.h"
#include "core/job/step.h"
#include "core/model/evaluation.h"

namespace core {

enum class WireState {
    Kept,
    NewEnd,  // the same wire, with another end on it or elsewhere
    New,
    Removed
};

struct WireRow {
    WireId id{};
    Pin from{}, to{};
    std::string colour{};
    WireState state{};
    bool operator==(const WireRow&) const = default;
};

// The way from one fitout to another as work: derived, never stored.
struct JobPlan {
    std::vector<Step> steps{};
    std::vector<WireRow> wires{};
    std::vector<PartRow> parts{};
    std::vector<SmallPartRow> smallParts{};
    double minutes = 0.0, least_min = 0.0, most_min = 0.0;
    bool operator==(const JobPlan&) const = default;
};

// A bay that is slow at one kind of step is slow at each of them; kinds are independent of each other.
// requires that the evaluation holds both stages
[[nodiscard]] JobPlan planJob(const Plan& plan, StageId from, StageId to, const Evaluation& evaluation);

}  // namespace core
