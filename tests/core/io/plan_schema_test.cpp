// The schema that we publish is what the reader accepts. It is not run at each opening, so it is held to the reader
// here.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <fstream>
#include <memory>
#include <sstream>
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

#include "core/io/plan_file.h"
#include "core/io/plan_json.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

// Empty: the text keeps to the schema; else what the validator says.
std::string againstSchema(const std::string& text)
{
    static const auto kSchema = [] {
        auto schema = std::make_unique<valijson::Schema>();
        const nlohmann::json published = nlohmann::json::parse(planSchemaText());
        valijson::SchemaParser().populateSchema(valijson::adapters::NlohmannJsonAdapter(published), *schema);
        return schema;
    }();
    const nlohmann::json plan = nlohmann::json::parse(text);
    valijson::ValidationResults results;
    if (valijson::Validator().validate(*kSchema, valijson::adapters::NlohmannJsonAdapter(plan), &results)) return {};
    valijson::ValidationResults::Error error;
    results.popError(error);
    return error.description + (error.context.empty() ? "" : " at " + error.context.back());
}

std::string shipped(const char* name)
{
    std::ifstream in(std::string(SOURCE_FOLDER) + "/data/" + name);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}

const Json& shippedPlan()
{
    static const Json kPlan = Json::parse(shipped("demo-trouble.reed"));
    return kPlan;
}

TEST(PlanSchema, TakesWhatWeWrite)
{
    for (const char* name : {"demo.reed", "demo-trouble.reed"}) EXPECT_EQ(againstSchema(shipped(name)), "") << name;
    EXPECT_EQ(againstSchema(planText({tests::troublePlan(), {}})), "");
    EXPECT_EQ(againstSchema(planText({tests::TwelveRuns().plan, {}})), "");
}

// The check can fail: each of these is refused by both.
TEST(PlanSchema, RefusesWhatTheReaderRefuses)
{
    for (const auto& [pointer, value] : std::initializer_list<std::pair<const char*, Json>>{
             {"/version", 2}, {"/lastId", -1}, {"/body/kind", "rocket"}, {"/job/goal", "x1"}, {"/places", 3}}) {
        Json plan = shippedPlan();
        plan[Json::json_pointer(pointer)] = value;
        EXPECT_FALSE(readPlanText(plan.dump(), "x")) << pointer;
        EXPECT_NE(againstSchema(plan.dump()), "") << pointer;
    }
}

// One thing anywhere in a plan becomes something else: what is read keeps to the schema.
RC_GTEST_PROP(PlanSchemaLaw, TakesWhateverTheReaderTakes, ())
{
    static const Json kFlat = shippedPlan().flatten();
    static const std::vector<Json> kValues{nullptr,
                                           true,
                                           false,
                                           -1,
                                           0,
                                           1,
                                           2.5,
                                           1e308,
                                           -1e308,
                                           "",
                                           "x",
                                           "d1",
                                           "p3",
                                           "d10",
                                           "d10.RL+",
                                           "d12.1:re_ohm",
                                           Json::array(),
                                           Json::object(),
                                           Json{{"value", 1.0}},
                                           Json::array({1, 2, 3}),
                                           "estate",
                                           "measured"};
    auto at = kFlat.begin();
    std::advance(at, *rc::gen::inRange<long>(0, static_cast<long>(kFlat.size())));
    Json::json_pointer pointer(at.key());
    for (int up = *rc::gen::inRange(0, 3); up > 0 && !pointer.parent_pointer().empty(); --up)
        pointer = pointer.parent_pointer();
    Json plan = shippedPlan();
    plan[pointer] = kValues[static_cast<size_t>(*rc::gen::inRange<int>(0, static_cast<int>(kValues.size())))];
    const std::string text = plan.dump();
    if (readPlanText(text, "x")) RC_ASSERT(againstSchema(text) == "");
}

}  // namespace
}  // namespace core
