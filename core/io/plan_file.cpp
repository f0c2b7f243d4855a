#include "core/io/plan_file.h"

#include <fmt/format.h>

#include <cassert>
#include <ostream>
#include <sstream>

#include "core/io/atomic_file.h"
#include "core/io/plan_json.h"
#include "core/io/practice_file.h"
#include "core/io/strict_json.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/shipped/shipped.h"

namespace core {
namespace {

Result<void> checkHeader(const Json& json, const std::string& file)
{
    if (!json.is_object() || json.value("format", Json()) != Json("reed"))
        return tl::unexpected(InputError{file, "/format", "is not \"reed\": this is no plan"});
    const auto version = json.find("version");
    if (version == json.end() || !version->is_number_integer())
        return tl::unexpected(
            InputError{file, "/version", fmt::format("found no whole number, expected {}", kPlanVersion)});
    if (*version < Json(1))
        return tl::unexpected(InputError{
            file, "/version", fmt::format("found {}, which no plan has: the first version is 1", version->dump())});
    if (*version != Json(kPlanVersion))
        return tl::unexpected(
            InputError{file, "/version",
                       fmt::format("found {}, this program reads version {}; a newer program may have written it",
                                   version->dump(), kPlanVersion)});
    return {};
}

// A plan's own practice is held to the ranges of the practice that ships.
Result<void> checkPractice(const Plan& plan, const std::string& file)
{
    if (plan.practice.empty()) return {};
    const auto practice = readPractice(std::string(shippedPracticeText()), "practice.json");
    assert(practice);
    const auto outside = outsidePractice(*practice, plan.practice);
    if (!outside) return {};
    return tl::unexpected(
        InputError{file, "/practice/" + std::string(textOf(outside->key)),
                   fmt::format("found {:g}, allowed {:g} to {:g}{}", outside->found, outside->entry.least,
                               outside->entry.greatest, outside->entry.whole ? ", whole numbers" : "")});
}

void putBack(Json& json, const std::map<std::string, std::string>& unknown)
{
    for (const auto& [text, value] : unknown) {
        const Json::json_pointer pointer(text);
        if (pointer.empty() || json.contains(pointer) || !json.contains(pointer.parent_pointer())) continue;
        Json& owner = json[pointer.parent_pointer()];
        if (owner.is_object()) owner[pointer.back()] = Json::parse(value);
    }
}

}  // namespace

Result<Document> readPlanText(const std::string& text, const std::string& file)
{
    const auto json = parseStrict(text, file);
    if (!json) return tl::unexpected(json.error());
    if (const auto header = checkHeader(*json, file); !header) return tl::unexpected(header.error());
    auto document = documentFromJson(*json, file);
    if (!document) return document;
    if (const auto problems = validate(document->plan); !problems.empty())
        return tl::unexpected(InputError{file, problems.front().where, problems.front().message});
    if (const auto practice = checkPractice(document->plan, file); !practice) return tl::unexpected(practice.error());
    return document;
}

void writePlan(std::ostream& out, const Document& document)
{
    Json json = planToJson(document.plan);
    putBack(json, document.unknown);
    out << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
}

Result<Body> readBodyFile(const std::string& path, const std::string& name)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    const auto json = parseStrict(*text, name);
    if (!json) return tl::unexpected(json.error());
    if (const auto header = checkHeader(*json, name); !header) return tl::unexpected(header.error());
    return bodyFromJson(*json, name);
}

Result<Document> readPlanFile(const std::string& path, const std::string& name)
{
    const auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    return readPlanText(*text, name);
}

std::string planText(const Document& document)
{
    std::ostringstream out;
    writePlan(out, document);
    return out.str();
}

Result<void> writePlanFile(const std::string& path, const Document& document)
{
    return writeAtomically(path, planText(document));
}

}  // namespace core
