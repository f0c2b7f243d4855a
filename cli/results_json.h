#pragma once

#include <nlohmann/json.hpp>
#include <vector>

#include "core/judgement/measure_next.h"
#include "core/slate/slate.h"
#include "core/survey/unplug.h"

namespace cli {

using Json = nlohmann::ordered_json;

[[nodiscard]] Json quantity(double value, const char* unit);
[[nodiscard]] Json known(double value, const char* unit, core::Origin origin);  // the same, and how it is known
[[nodiscard]] Json evaluationJson(const core::Plan& plan, const core::Evaluation& evaluation);
[[nodiscard]] Json nextReadingJson(const core::NextReading& next);
[[nodiscard]] Json unpluggedJson(const core::Unplugged& off);
[[nodiscard]] Json findingsJson(const std::vector<core::Finding>& findings);
[[nodiscard]] Json slateJson(const core::SlateAnswer& answer);

}  // namespace cli
