#pragma once

#include <string>

#include "core/model/evaluation.h"

namespace cli {

// Every curve of an evaluation, a column each, its unit at the end of its name; one frequency a line.
[[nodiscard]] std::string evaluationCsv(const core::Plan& plan, const core::Evaluation& evaluation);

}  // namespace cli
