#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

#include "core/io/plan_json.h"

namespace core {

Result<void> checkPlanSchema(const Json& json, const std::string& file)
{
    valijson::Schema schema;
    valijson::SchemaParser parser;
    const nlohmann::json description = planSchema();
    parser.populateSchema(valijson::adapters::NlohmannJsonAdapter(description), schema);
    const nlohmann::json plain = nlohmann::json::parse(json.dump());
    valijson::ValidationResults results;
    if (valijson::Validator().validate(schema, valijson::adapters::NlohmannJsonAdapter(plain), &results)) return {};
    valijson::ValidationResults::Error error;
    results.popError(error);
    std::string pointer;
    for (const std::string& step : error.context)
        if (step.size() > 2 && step.front() == '[') pointer = childPointer(pointer, step.substr(1, step.size() - 2));
    return tl::unexpected(
        InputError{file, pointer.empty() ? "/" : pointer, "does not keep to the schema: " + error.description});
}

}  // namespace core
