#pragma once

#include <nlohmann/json.hpp>

#include "core/base/result.h"
#include "core/io/plan_file.h"

// Plan and JSON, for the few files of core/io that hold nlohmann/json.hpp; everybody else uses plan_file.h.
namespace core {

using Json = nlohmann::ordered_json;

[[nodiscard]] Json planToJson(const Plan& plan);
[[nodiscard]] Result<Document> documentFromJson(const Json& json, const std::string& file);
[[nodiscard]] Result<Body> bodyFromJson(const Json& json, const std::string& file);  // looks at nothing else
[[nodiscard]] nlohmann::json planSchema();

[[nodiscard]] std::string childPointer(const std::string& pointer, const std::string& key);

}  // namespace core
