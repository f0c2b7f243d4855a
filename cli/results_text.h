#pragma once

#include <string>
#include <vector>

#include "core/judgement/measure_next.h"
#include "core/slate/slate.h"
#include "core/survey/unplug.h"

namespace cli {

[[nodiscard]] std::string evaluationText(const core::Plan& plan, const core::Evaluation& evaluation);
[[nodiscard]] std::string findingsText(const core::Plan& plan, const core::Evaluation& evaluation,
                                       const std::vector<core::Finding>& findings);
[[nodiscard]] std::string nextReadingText(const core::NextReading& next, const core::Fitout& fitout);
[[nodiscard]] std::string unpluggedText(const core::Unplugged& off, const core::Fitout& fitout);
[[nodiscard]] std::string slateText(const core::SlateAnswer& answer);

}  // namespace cli
