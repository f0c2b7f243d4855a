// Random inputs inside the declared ranges: every model answers with finite numbers or a typed error, and twice the
// same.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/calc/calc_model.h"
#include "core/io/shop.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

// Numbers at the ends of what a double holds, some of them too small to divide by.
double extreme()
{
    return *rc::gen::elementOf(std::vector<double>{5e-324, 1e-310, 1e-200, 1e-60, 1e-20, 1e20, 1e60, 1.7e308});
}

double randomWithin(const CalcInput& input)
{
    if (input.whole && std::isfinite(input.greatest)) {
        const double most = std::min(input.greatest, input.least + 100.0);
        return *rc::gen::inRange(static_cast<int>(input.least), static_cast<int>(most) + 1);
    }
    if (input.whole) return *rc::gen::inRange(1, 20);
    if (*rc::gen::inRange(0, 8) == 0)
        if (const double far = extreme(); far >= input.least && far <= input.greatest) return far;
    const bool low = std::isfinite(input.least), high = std::isfinite(input.greatest);
    if (low && high) return input.least + (input.greatest - input.least) * (*rc::gen::inRange(1, 1000)) / 1000.0;
    const double size = tests::between(1e-6, 1e6);
    if (low) return input.least + size;
    return *rc::gen::arbitrary<bool>() ? size : -size;
}

// Nothing for a text, which no random letters would fill.
std::optional<CalcValue> randomValue(const CalcInput& input)
{
    CalcValue value;
    switch (input.kind) {
        case CalcKind::Text:
            return std::nullopt;
        case CalcKind::Choice:
            value.texts.push_back(
                input.choices[static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(input.choices.size())))]);
            return value;
        case CalcKind::Number:
        case CalcKind::Flag:
        case CalcKind::Complex:
            value.numbers.emplace_back(randomWithin(input));
            break;
        case CalcKind::Numbers:
        case CalcKind::ComplexNumbers:
            value.list = true;
            for (int count = *rc::gen::inRange(1, 5); count > 0; --count)
                value.numbers.emplace_back(randomWithin(input));
            break;
    }
    value.isComplex = input.kind == CalcKind::Complex || input.kind == CalcKind::ComplexNumbers;
    if (value.isComplex)
        for (std::complex<double>& number : value.numbers) number = {number.real(), tests::between(0.01, 100.0)};
    return value;
}

bool needsText(const CalcModel& model)
{
    return std::any_of(model.inputs.begin(), model.inputs.end(),
                       [](const CalcInput& input) { return input.kind == CalcKind::Text; });
}

RC_GTEST_PROP(CalcProperty, AnyInputInsideTheRangesIsAnsweredOrRefusedByName, ())
{
    const Practice practice = shippedShop().practice;
    for (const CalcModel& model : calcModels()) {
        if (needsText(model)) continue;
        std::map<std::string, CalcValue> inputs;
        for (const CalcInput& input : model.inputs) {
            const bool optional = !input.needed || input.usual || input.practice;
            if (optional && *rc::gen::inRange(0, 2) == 0) continue;
            if (auto value = randomValue(input)) inputs[input.name] = std::move(*value);
        }
        const auto answer = calculate(model, inputs, practice);
        if (!answer) {
            RC_ASSERT(!answer.error().quantity.empty());
            RC_ASSERT(answer.error().code != ErrorCode::NotFinite);
            continue;
        }
        for (const auto& [name, value] : answer->value.values())
            for (const std::complex<double>& number : value.numbers)
                RC_ASSERT(std::isfinite(number.real()) && std::isfinite(number.imag()));
        const auto again = calculate(model, inputs, practice);
        RC_ASSERT(again->value.values() == answer->value.values());
    }
}

// A list of frequencies is answered as each of them alone.
RC_GTEST_PROP(CalcProperty, ListsAreAnsweredPointByPoint, ())
{
    const Practice practice = shippedShop().practice;
    const std::map<std::string, CalcValue> driver{{"fs_hz", {.numbers = {tests::between(20.0, 200.0)}}},
                                                  {"re_ohm", {.numbers = {tests::between(1.0, 16.0)}}},
                                                  {"qms", {.numbers = {tests::between(1.0, 10.0)}}},
                                                  {"qes", {.numbers = {tests::between(0.2, 2.0)}}}};
    const std::vector<std::complex<double>> frequencies{tests::between(20.0, 200.0), tests::between(200.0, 20000.0)};
    const CalcModel& model = *findCalcModel("driver-impedance", {});
    auto inputs = driver;
    inputs["frequency_hz"] = {.numbers = frequencies, .list = true};
    const auto both = calculate(model, inputs, practice);
    for (size_t i = 0; i < frequencies.size(); ++i) {
        inputs["frequency_hz"] = {.numbers = {frequencies[i]}};
        const auto one = calculate(model, inputs, practice);
        RC_ASSERT(one->value.find("impedance_ohm")->numbers.front() == both->value.find("impedance_ohm")->numbers[i]);
        RC_ASSERT(!one->value.find("impedance_ohm")->list);
    }
}

}  // namespace
}  // namespace core
