#pragma once

#include <string>
#include <vector>

#include "core/model/finding.h"
#include "core/slate/slate.h"

namespace cli {

[[nodiscard]] std::string evaluationText(const core::Plan& plan, const core::Evaluation& evaluation);
[[nodiscard]] std::string findingsText(const core::Plan& plan, const core::Evaluation& evaluation,
                                       const std::vector<core::Finding>& findings);
[[nodiscard]] std::string slateText(const core::SlateAnswer& answer);

}  // namespace cli
