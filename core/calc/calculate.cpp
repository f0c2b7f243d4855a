#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/calc/calc_model.h"

namespace core {
namespace {

const CalcInput* inputOf(const CalcModel& model, const std::string& name)
{
    const auto found = std::find_if(model.inputs.begin(), model.inputs.end(),
                                    [&](const CalcInput& input) { return input.name == name; });
    return found == model.inputs.end() ? nullptr : &*found;
}

bool isComplex(CalcKind kind)
{
    return kind == CalcKind::Complex || kind == CalcKind::ComplexNumbers;
}
bool takesList(CalcKind kind)
{
    return kind == CalcKind::Numbers || kind == CalcKind::ComplexNumbers;
}

// Nothing measured is smaller or larger in SI units, and its fourth power is still a number.
constexpr double kLeastSize = 1e-60, kMostSize = 1e60;

std::optional<ModelError> checkNumbers(const CalcInput& input, const CalcValue& value)
{
    if (value.numbers.empty()) return ModelError{ErrorCode::OutOfDomain, input.name, 0.0, "at least one number"};
    if (value.list && !takesList(input.kind))
        return ModelError{ErrorCode::OutOfDomain, input.name, static_cast<double>(value.numbers.size()),
                          "one number, not a list"};
    for (const std::complex<double>& number : value.numbers) {
        const double real = number.real();
        if (!std::isfinite(real) || !std::isfinite(number.imag()))
            return ModelError{ErrorCode::NotFinite, input.name, std::isfinite(real) ? number.imag() : real, "finite"};
        if (number.imag() != 0.0 && !isComplex(input.kind))
            return ModelError{ErrorCode::OutOfDomain, input.name, number.imag(), "a real number"};
        if (const double size = std::abs(number); size != 0.0 && (size < kLeastSize || size > kMostSize))
            return ModelError{ErrorCode::OutOfDomain, input.name, real,
                              fmt::format("0, or {:g} to {:g} in size", kLeastSize, kMostSize)};
        if (input.whole && real != std::floor(real))
            return ModelError{ErrorCode::OutOfDomain, input.name, real, allowedText(input)};
        if (real < input.least || (input.above && real == input.least) || real > input.greatest)
            return ModelError{ErrorCode::OutOfDomain, input.name, real, allowedText(input)};
    }
    return std::nullopt;
}

std::optional<ModelError> checkText(const CalcInput& input, const CalcValue& value)
{
    if (value.texts.size() != 1 || value.texts.front().empty())
        return ModelError{ErrorCode::OutOfDomain, input.name, 0.0, allowedText(input)};
    if (input.kind == CalcKind::Choice &&
        std::find(input.choices.begin(), input.choices.end(), value.texts.front()) == input.choices.end())
        return ModelError{ErrorCode::OutOfDomain, input.name, 0.0, allowedText(input)};
    return std::nullopt;
}

tl::expected<std::map<std::string, CalcValue>, ModelError> checked(const CalcModel& model,
                                                                   const std::map<std::string, CalcValue>& inputs,
                                                                   const Practice& practice)
{
    for (const auto& [name, value] : inputs)
        if (!inputOf(model, name)) {
            std::string known;
            for (const CalcInput& input : model.inputs) known += (known.empty() ? "" : ", ") + input.name;
            return refuse(ErrorCode::UnknownName, name, 0.0, "one of " + known);
        }
    std::map<std::string, CalcValue> complete = inputs;
    for (const CalcInput& input : model.inputs) {
        const auto given = complete.find(input.name);
        if (given != complete.end()) {
            const bool text = input.kind == CalcKind::Choice || input.kind == CalcKind::Text;
            if (const auto error = text ? checkText(input, given->second) : checkNumbers(input, given->second))
                return tl::unexpected(*error);
        } else if (input.kind == CalcKind::Choice) {
            complete[input.name] = CalcValue{.texts = {input.choices.front()}};
        } else if (input.practice) {
            complete[input.name] = CalcValue{.numbers = {practice[*input.practice]}};
        } else if (input.usual) {
            complete[input.name] = CalcValue{.numbers = {*input.usual}};
        } else if (input.needed) {
            return refuse(ErrorCode::Underdetermined, input.name, 0.0, "to be given, " + allowedText(input));
        }
    }
    return complete;
}

bool isFinite(const CalcValue& value)
{
    return std::all_of(value.numbers.begin(), value.numbers.end(), [](const std::complex<double>& number) {
        return std::isfinite(number.real()) && std::isfinite(number.imag());
    });
}

// Of the numbers given, the one that is farthest from one: what drove a result out of range.
ModelError tooExtreme(const CalcModel& model, const std::map<std::string, CalcValue>& inputs)
{
    ModelError error{ErrorCode::OutOfDomain, model.inputs.empty() ? "" : model.inputs.front().name, 0.0,
                     "of a size that gives a finite result"};
    double farthest = -1.0;
    for (const auto& [name, value] : inputs) {
        for (const std::complex<double>& number : value.numbers) {
            const double far = std::abs(std::log10(std::max(std::abs(number), 1e-320)));
            if (number == 0.0 || far <= farthest) continue;
            farthest = far;
            error.quantity = name;
            error.found = number.real();
        }
    }
    return error;
}

}  // namespace

Outcome<CalcResults> calculate(const CalcModel& model, const std::map<std::string, CalcValue>& inputs,
                               const Practice& practice)
{
    auto complete = checked(model, inputs, practice);
    if (!complete) return tl::unexpected(complete.error());
    const CalcArguments arguments(std::move(*complete), practice);
    auto answer = model.run(arguments);
    if (!answer) return answer;
    for (const auto& [name, value] : answer->value.values())
        if (!isFinite(value)) return tl::unexpected(tooExtreme(model, inputs));
    for (const auto& [name, value] : inputs)
        if (!arguments.wasRead(name)) answer->warnings.emplace_back(WarningKind::Unused, name);
    return answer;
}

const CalcModel* findCalcModel(std::string_view nameOrSection, const std::vector<std::string>& given)
{
    const std::vector<CalcModel>& models = calcModels();
    const auto byName =
        std::find_if(models.begin(), models.end(), [&](const CalcModel& model) { return model.name == nameOrSection; });
    if (byName != models.end()) return &*byName;
    const CalcModel* only = nullptr;
    int ofSection = 0;
    const CalcModel* fitting = nullptr;
    int fits = 0;
    for (const CalcModel& model : models) {
        if (model.section != nameOrSection) continue;
        only = &model;
        ++ofSection;
        const bool knowsAll = std::all_of(given.begin(), given.end(),
                                          [&](const std::string& name) { return inputOf(model, name) != nullptr; });
        const bool getsAll = std::all_of(model.inputs.begin(), model.inputs.end(), [&](const CalcInput& input) {
            const bool optional = !input.needed || input.usual || input.practice;
            return optional || std::find(given.begin(), given.end(), input.name) != given.end();
        });
        if (!knowsAll || !getsAll) continue;
        fitting = &model;
        ++fits;
    }
    if (ofSection == 1) return only;
    return fits == 1 ? fitting : nullptr;
}

std::string_view textOf(ErrorCode code)
{
    switch (code) {
        case ErrorCode::NotFinite:
            return "NotFinite";
        case ErrorCode::OutOfDomain:
            return "OutOfDomain";
        case ErrorCode::Inconsistent:
            return "Inconsistent";
        case ErrorCode::Singular:
            return "Singular";
        case ErrorCode::Open:
            return "Open";
        case ErrorCode::Underdetermined:
            return "Underdetermined";
        case ErrorCode::NoResonance:
            return "NoResonance";
        case ErrorCode::MultipleResonances:
            return "MultipleResonances";
        case ErrorCode::CableTooSmall:
            return "CableTooSmall";
        case ErrorCode::PortTooSmall:
            return "PortTooSmall";
        case ErrorCode::NoCutout:
            return "NoCutout";
        case ErrorCode::RingTooLarge:
            return "RingTooLarge";
        case ErrorCode::Unreadable:
            return "Unreadable";
        case ErrorCode::AmbiguousComma:
            return "AmbiguousComma";
        case ErrorCode::UnknownName:
            return "UnknownName";
    }
    return "";
}

}  // namespace core
