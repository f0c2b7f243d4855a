#include "cli/calc_command.h"

#include <fmt/format.h>

#include <algorithm>
#include <iostream>
#include <optional>

#include "cli/calc_json.h"
#include "cli/plan_input.h"
#include "core/base/unit.h"
#include "core/io/atomic_file.h"
#include "core/io/shop.h"
#include "core/io/strict_json.h"
#include "core/model/names.h"

namespace cli {

using namespace core;

namespace {

int refused(const Json& error, const std::string& line)
{
    std::cout << Json{{"error", error}}.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
    std::cerr << line << '\n';
    return kUnreadable;
}

int refused(const InputError& error)
{
    return refused({{"code", "Unreadable"}, {"quantity", error.where}, {"allowed", error.message}}, oneLine(error));
}

int refused(const ModelError& error)
{
    const std::string found = hasFound(error.code) ? fmt::format(", found {:g}", error.found) : "";
    return refused(errorJson(error), fmt::format("{}: {}{}, expected {}", core::textOf(error.code), error.quantity,
                                                 found, error.allowed));
}

std::string inputText(const CalcInput& input, const Practice& practice)
{
    std::string text = input.name;
    if (const auto unit = unitOfName(input.name); !unit.empty()) text += fmt::format(" [{}]", unit);
    text += " " + allowedText(input);
    if (input.kind == CalcKind::Complex || input.kind == CalcKind::ComplexNumbers) text += ", complex";
    if (input.kind == CalcKind::Numbers || input.kind == CalcKind::ComplexNumbers) text += ", one or a list";
    if (input.usual) text += fmt::format(", usually {:g}", *input.usual);
    if (input.practice)
        text += fmt::format(", usually {:g} (practice {})", practice[*input.practice], core::textOf(*input.practice));
    if (!input.needed && !input.usual && !input.practice && input.choices.empty()) text += ", may be left out";
    if (!input.note.empty()) text += "; " + input.note;
    return text;
}

int listModels(bool json)
{
    const Practice practice = shippedShop().practice;
    if (json) {
        Json models = Json::array();
        for (const CalcModel& model : calcModels()) models.push_back(modelJson(model, practice));
        std::cout << Json{{"models", models}}.dump(2) << '\n';
        return kDone;
    }
    for (const CalcModel& model : calcModels()) {
        std::cout << fmt::format("{:4} {}\n     {}\n     {}\n", model.section, model.name, model.purpose,
                                 model.formula);
        for (const CalcInput& input : model.inputs) std::cout << "       " << inputText(input, practice) << '\n';
        std::string outputs;
        for (const std::string& output : model.outputs) outputs += (outputs.empty() ? "" : ", ") + output;
        std::cout << "     gives " << outputs << "\n\n";
    }
    return kDone;
}

// name=value texts and the file's values, as texts or JSON until the model says what kind they are.
struct RawInputs {
    std::vector<std::pair<std::string, std::string>> typed{};
    Json file = Json::object();

    [[nodiscard]] std::vector<std::string> names() const
    {
        std::vector<std::string> names;
        for (const auto& [name, text] : typed) names.push_back(name);
        for (const auto& [name, value] : file.items()) names.push_back(name);
        return names;
    }
};

Result<RawInputs> rawInputs(const CalcRequest& request)
{
    RawInputs raw;
    for (const std::string& input : request.inputs) {
        const size_t equals = input.find('=');
        if (equals == std::string::npos || equals == 0)
            return tl::unexpected(InputError{"calc", input, "expected name=value"});
        raw.typed.emplace_back(input.substr(0, equals), input.substr(equals + 1));
    }
    if (request.file.empty()) return raw;
    const auto text = readWholeFile(request.file);
    if (!text) return tl::unexpected(text.error());
    auto json = parseStrict(*text, request.file);
    if (!json) return tl::unexpected(json.error());
    raw.file = std::move(*json);
    if (!raw.file.is_object()) return tl::unexpected(InputError{request.file, "/", "expected a JSON object of inputs"});
    return raw;
}

// Nothing for a name that the model does not have; its own check refuses that.
std::optional<CalcKind> kindOf(const CalcModel& model, const std::string& name)
{
    for (const CalcInput& input : model.inputs)
        if (input.name == name) return input.kind;
    return std::nullopt;
}

Result<std::map<std::string, CalcValue>> inputsFor(const CalcModel& model, const RawInputs& raw)
{
    std::map<std::string, CalcValue> inputs;
    const auto take = [&](const std::string& name, Result<CalcValue> value) -> Result<void> {
        if (!value) return tl::unexpected(InputError{"calc", name, value.error().message});
        inputs[name] = std::move(*value);
        return {};
    };
    for (const auto& [name, json] : raw.file.items()) {
        const auto kind = kindOf(model, name);
        if (!kind)
            inputs[name] = CalcValue{};
        else if (const auto taken = take(name, valueFromJson(json, *kind)); !taken)
            return tl::unexpected(taken.error());
    }
    for (const auto& [name, text] : raw.typed) {
        if (inputs.contains(name)) return tl::unexpected(InputError{"calc", name, "given twice, expected once"});
        const auto kind = kindOf(model, name);
        if (!kind) {
            inputs[name] = CalcValue{};
        } else if (kind == CalcKind::Text && text.starts_with('@')) {
            const auto content = readWholeFile(text.substr(1));
            if (!content) return tl::unexpected(content.error());
            inputs[name] = CalcValue{.texts = {*content}};
        } else if (const auto taken = take(name, calcValueFromText(text, *kind)); !taken) {
            return tl::unexpected(taken.error());
        }
    }
    return inputs;
}

Result<std::map<std::string, double>> spreadsOf(const CalcRequest& request)
{
    std::map<std::string, double> spreads;
    for (const std::string& one : request.spread) {
        const size_t equals = one.find('=');
        const auto value = equals == std::string::npos
                               ? tl::unexpected(InputError{"calc", one, "expected name=relative uncertainty"})
                               : calcValueFromText(one.substr(equals + 1), CalcKind::Number);
        if (!value) return tl::unexpected(InputError{"calc", one, value.error().message});
        spreads[one.substr(0, equals)] = value->numbers.empty() ? 0.0 : value->numbers.front().real();
    }
    return spreads;
}

// The first name that no model of the section has.
std::optional<ModelError> unknownIn(const std::string& section, const std::vector<std::string>& given)
{
    std::string known;
    for (const CalcModel& model : calcModels())
        if (model.section == section)
            for (const CalcInput& input : model.inputs) known += (known.empty() ? "" : ", ") + input.name;
    if (known.empty()) return std::nullopt;
    for (const std::string& name : given) {
        const bool there = std::any_of(calcModels().begin(), calcModels().end(), [&](const CalcModel& model) {
            return model.section == section && kindOf(model, name).has_value();
        });
        if (!there) return ModelError{ErrorCode::UnknownName, name, 0.0, "one of " + known};
    }
    return std::nullopt;
}

}  // namespace

int calc(const CalcRequest& request)
{
    if (request.model.empty()) return listModels(request.json);
    const auto raw = rawInputs(request);
    if (!raw) return refused(raw.error());
    const CalcModel* model = findCalcModel(request.model, raw->names());
    if (!model) {
        if (const auto stranger = unknownIn(request.model, raw->names())) return refused(*stranger);
        std::string names;
        for (const CalcModel& one : calcModels())
            if (one.section == request.model) names += (names.empty() ? "" : ", ") + one.name;
        return refused(ModelError{ErrorCode::UnknownName, "model", 0.0,
                                  names.empty() ? "a section or name that `calc` lists"
                                                : "for section " + request.model + " one of " + names});
    }
    const auto inputs = inputsFor(*model, *raw);
    if (!inputs) return refused(inputs.error());
    const auto spreads = spreadsOf(request);
    if (!spreads) return refused(spreads.error());
    const Practice practice = shippedShop().practice;
    const auto answer = calculate(*model, *inputs, practice);
    if (!answer) return refused(answer.error());
    std::vector<ResultSpread> spread;
    if (!spreads->empty()) {
        auto found = resultSpread(*model, *inputs, *spreads, practice);
        if (!found) return refused(found.error());
        spread = std::move(found->value);
    }
    Json json{{"section", model->section}, {"model", model->name}};
    json["inputs"] = Json::object();
    for (const auto& [name, value] : *inputs)
        json["inputs"][name] = {{"value", valueJson(value)}, {"unit", std::string(unitOfName(name))}};
    json["results"] = resultsJson(answer->value, spread);
    json["warnings"] = textsOf(answer->warnings);
    std::cout << json.dump(2, ' ', false, Json::error_handler_t::replace) << '\n';
    return kDone;
}

}  // namespace cli
