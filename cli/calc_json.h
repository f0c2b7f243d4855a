#pragma once

#include <nlohmann/json.hpp>

#include "core/base/result.h"
#include "core/calc/calc_model.h"
#include "core/calc/calc_spread.h"

namespace cli {

using Json = nlohmann::ordered_json;

// A number, {"re": .., "im": ..}, a list of them, or text; and back. A text where a number belongs is read as one, so
// that "nan" and "3.3+2.2j" can be given.
[[nodiscard]] Json valueJson(const core::CalcValue& value);
[[nodiscard]] core::Result<core::CalcValue> valueFromJson(const Json& json, core::CalcKind kind);

[[nodiscard]] Json modelJson(const core::CalcModel& model, const core::Practice& practice);
[[nodiscard]] Json errorJson(const core::ModelError& error);
[[nodiscard]] Json resultsJson(const core::CalcResults& results, const std::vector<core::ResultSpread>& spread);

}  // namespace cli
