#pragma once

#include <QString>
#include <vector>

#include "core/job/job_plan.h"
#include "core/model/shelf.h"
#include "words/step_words.h"

namespace words {

[[nodiscard]] QString nameOf(core::WireState state);
[[nodiscard]] QString nameOf(core::SmallPart part);
// "radio RL+", as the fitter finds the pin
[[nodiscard]] QString nameOf(const core::Pin& pin, const core::Fitout& fitout);
// The name of a part with the value it was made with: "adapter lead with capacitor, 100 uF".
[[nodiscard]] QString nameOf(const core::Part& part);

// A table as rows of cells, the first one its heading: for the screen, the PDF and CSV alike.
using Table = std::vector<std::vector<QString>>;
[[nodiscard]] Table stepTable(const core::JobPlan& job, const core::Fitout& from, const core::Fitout& to);
[[nodiscard]] Table wireTable(const core::JobPlan& job, const core::Fitout& from, const core::Fitout& to);
// shelf  where it is given, a made capacitor says as what it is bought
[[nodiscard]] Table partTable(const core::JobPlan& job, const core::Fitout& to, const core::Shelf* shelf = nullptr);

}  // namespace words
