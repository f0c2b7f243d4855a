#pragma once

#include <optional>
#include <vector>

#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/model/finding.h"

namespace core {

// What stands against a split that somebody has in mind.
struct WhyNot {
    std::vector<Finding> against{};     // not there without it, or further past their limit; the gravest first
    std::optional<double> uneven_db{};  // of the pair's sum with it, as a search counts; nothing: no pair, or silent
    std::optional<double> best_db{};    // and with the best that was found
};

// findings  of the plan as it is
// tried     the split, as an edit of the plan
// slope_db_octave  of the target; nothing: the plan's own, or flat
// best      what a search found, as an edit of the plan; nothing: none was made. One of an older plan is left out
[[nodiscard]] WhyNot whyNot(const Plan& plan, const Evaluation& evaluation, const std::vector<Finding>& findings,
                            const Edit& tried, DeviceId tweeter, ListenerId seat,
                            const std::optional<double>& slope_db_octave, const std::optional<Edit>& best);

}  // namespace core
