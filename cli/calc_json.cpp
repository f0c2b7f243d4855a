#include "cli/calc_json.h"

#include <fmt/format.h>

#include <cmath>

#include "core/base/unit.h"
#include "core/model/names.h"

namespace cli {

using namespace core;

namespace {

Json numberJson(const std::complex<double>& number, bool complex)
{
    if (complex) return {{"re", number.real()}, {"im", number.imag()}};
    return number.real();
}

const char* kindText(CalcKind kind)
{
    switch (kind) {
        case CalcKind::Number:
            return "number";
        case CalcKind::Numbers:
            return "number or list";
        case CalcKind::Complex:
            return "complex";
        case CalcKind::ComplexNumbers:
            return "complex or list";
        case CalcKind::Flag:
            return "true or false";
        case CalcKind::Choice:
            return "choice";
        case CalcKind::Text:
            return "text";
    }
    return "";
}

tl::unexpected<InputError> wrong(const std::string& message)
{
    return tl::unexpected(InputError{{}, {}, message});
}

Result<std::complex<double>> numberFromJson(const Json& json)
{
    if (json.is_number()) return std::complex<double>{json.get<double>(), 0.0};
    if (json.is_object() && json.contains("re") && json.contains("im") && json["re"].is_number() &&
        json["im"].is_number())
        return std::complex<double>{json["re"].get<double>(), json["im"].get<double>()};
    if (json.is_string()) {
        const auto value = calcValueFromText(json.get<std::string>(), CalcKind::Complex);
        if (value && value->numbers.size() == 1 && !value->list) return value->numbers.front();
    }
    return wrong(fmt::format("found {}, expected a number or {{\"re\": .., \"im\": ..}}", json.dump()));
}

}  // namespace

Json valueJson(const CalcValue& value)
{
    Json list = Json::array();
    for (const std::complex<double>& number : value.numbers) list.push_back(numberJson(number, value.isComplex));
    for (const std::string& text : value.texts) list.push_back(text);
    return value.list ? list : list.front();
}

Result<CalcValue> valueFromJson(const Json& json, CalcKind kind)
{
    CalcValue value{.isComplex = kind == CalcKind::Complex || kind == CalcKind::ComplexNumbers};
    if (kind == CalcKind::Text || kind == CalcKind::Choice) {
        if (!json.is_string()) return wrong(fmt::format("found {}, expected a text", json.dump()));
        value.texts.push_back(json.get<std::string>());
        return value;
    }
    if (json.is_string()) return calcValueFromText(json.get<std::string>(), kind);
    if (json.is_boolean() && kind == CalcKind::Flag) return calcValueFromText(json.dump(), kind);
    value.list = json.is_array();
    for (const Json& one : value.list ? json : Json::array({json})) {
        const auto number = numberFromJson(one);
        if (!number) return tl::unexpected(number.error());
        value.numbers.push_back(*number);
    }
    return value;
}

Json modelJson(const CalcModel& model, const Practice& practice)
{
    Json json{{"section", model.section}, {"name", model.name},      {"purpose", model.purpose},
              {"formula", model.formula}, {"inputs", Json::array()}, {"outputs", Json::array()}};
    for (const CalcInput& input : model.inputs) {
        const bool optional = !input.needed || input.usual || input.practice;
        Json one{{"name", input.name},
                 {"unit", std::string(unitOfName(input.name))},
                 {"kind", kindText(input.kind)},
                 {"allowed", allowedText(input)},
                 {"needed", !optional}};
        if (!input.choices.empty()) one["default"] = input.choices.front();
        if (input.usual) one["default"] = *input.usual;
        if (input.practice) {
            one["default"] = practice[*input.practice];
            one["defaultFrom"] = "practice " + std::string(core::textOf(*input.practice));
        }
        if (!input.note.empty()) one["note"] = input.note;
        json["inputs"].push_back(std::move(one));
    }
    for (const std::string& output : model.outputs)
        json["outputs"].push_back({{"name", output}, {"unit", std::string(unitOfName(output))}});
    return json;
}

Json errorJson(const ModelError& error)
{
    Json json{{"code", std::string(core::textOf(error.code))}, {"quantity", error.quantity}};
    if (hasFound(error.code)) {
        if (std::isfinite(error.found))
            json["found"] = error.found;
        else
            json["found"] = std::isnan(error.found) ? "nan" : error.found > 0.0 ? "inf" : "-inf";
    }
    json["allowed"] = error.allowed;
    return json;
}

Json resultsJson(const CalcResults& results, const std::vector<ResultSpread>& spread)
{
    Json json = Json::object();
    for (const auto& [name, value] : results.values()) {
        json[name] = {{"value", valueJson(value)}, {"unit", std::string(unitOfName(name))}};
        for (const ResultSpread& one : spread)
            if (one.name == name) json[name][one.relative ? "spreadRelative" : "spread"] = one.value;
    }
    return json;
}

}  // namespace cli
