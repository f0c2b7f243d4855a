// What every model does with every kind of bad input, driven from the list that `calc` prints.
#include <gtest/gtest.h>

#include <cmath>
#include <limits>

#include "core/calc/calc_model.h"
#include "core/calc/calc_spread.h"
#include "core/io/atomic_file.h"
#include "core/io/shop.h"
#include "tests/core/reference_csv.h"

namespace core {
namespace {

constexpr double kInfinity = std::numeric_limits<double>::infinity();

bool isText(const CalcInput& input)
{
    return input.kind == CalcKind::Text || input.kind == CalcKind::Choice;
}

// A case that works for each model: the inputs of its first reference row that gives a result.
std::map<std::string, std::map<std::string, CalcValue>> goodInputs()
{
    std::map<std::string, std::map<std::string, CalcValue>> good;
    for (const char* file : tests::kCalcFiles) {
        for (const tests::ReferenceRow& row : tests::referenceRows(file)) {
            if (good.contains(row.at("model")) || row.at("output") == "error") continue;
            const CalcModel* model = findCalcModel(row.at("model"), {});
            std::map<std::string, CalcValue>& inputs = good[row.at("model")];
            std::istringstream fields(row.at("inputs"));
            for (std::string field; fields >> field;) {
                const std::string name = field.substr(0, field.find('='));
                std::string value = field.substr(field.find('=') + 1);
                std::replace(value.begin(), value.end(), ';', ',');
                if (value.starts_with('@'))
                    value = readWholeFile(std::string(TEST_FOLDER) + "/data/" + value.substr(1)).value_or("");
                for (const CalcInput& input : model->inputs)
                    if (input.name == name) inputs[name] = *calcValueFromText(value, input.kind);
            }
        }
    }
    return good;
}

class BadInput : public testing::TestWithParam<std::string> {
protected:
    [[nodiscard]] const CalcModel& model() const { return *findCalcModel(GetParam(), {}); }
    [[nodiscard]] const std::map<std::string, CalcValue>& good() const { return m_good.at(GetParam()); }

    void expectRefusal(const CalcInput& input, const CalcValue& value, ErrorCode code, const char* what)
    {
        auto inputs = good();
        inputs[input.name] = value;
        const auto answer = calculate(model(), inputs, m_practice);
        if (answer) {
            ADD_FAILURE() << input.name << " " << what << " was taken";
            return;
        }
        EXPECT_EQ(textOf(answer.error().code), textOf(code)) << input.name << " " << what;
        EXPECT_EQ(answer.error().quantity, input.name) << what;
    }

    const std::map<std::string, std::map<std::string, CalcValue>> m_good = goodInputs();
    const Practice m_practice = shippedShop().practice;
};

TEST_P(BadInput, OfNoFiniteNumberIsRefusedByName)
{
    for (const CalcInput& input : model().inputs) {
        if (isText(input)) continue;
        for (const double bad : {std::nan(""), kInfinity, -kInfinity})
            expectRefusal(input, CalcValue{.numbers = {bad}}, ErrorCode::NotFinite, "not finite");
    }
}

TEST_P(BadInput, OutsideTheRangeIsRefusedByName)
{
    for (const CalcInput& input : model().inputs) {
        if (isText(input)) continue;
        if (std::isfinite(input.least)) {
            expectRefusal(input, CalcValue{.numbers = {input.least - 1.0}}, ErrorCode::OutOfDomain, "below");
            if (input.above)
                expectRefusal(input, CalcValue{.numbers = {input.least}}, ErrorCode::OutOfDomain, "at the open end");
        }
        if (std::isfinite(input.greatest))
            expectRefusal(input, CalcValue{.numbers = {input.greatest * 1.001 + 1.0}}, ErrorCode::OutOfDomain, "above");
    }
}

TEST_P(BadInput, EmptyOrOfTheWrongShapeIsRefusedByName)
{
    for (const CalcInput& input : model().inputs) {
        expectRefusal(input, CalcValue{.list = true}, ErrorCode::OutOfDomain, "empty");
        if (isText(input)) continue;
        if (input.kind == CalcKind::Number || input.kind == CalcKind::Complex)
            expectRefusal(input, CalcValue{.numbers = {1.0, 1.0}, .list = true}, ErrorCode::OutOfDomain, "a list");
        if (input.kind == CalcKind::Number || input.kind == CalcKind::Numbers)
            expectRefusal(input, CalcValue{.numbers = {{1.0, 1.0}}}, ErrorCode::OutOfDomain, "complex");
    }
}

TEST_P(BadInput, MissingIsNamed)
{
    for (const CalcInput& input : model().inputs) {
        if (!input.needed || input.usual || input.practice) continue;
        auto inputs = good();
        inputs.erase(input.name);
        const auto answer = calculate(model(), inputs, m_practice);
        ASSERT_FALSE(answer) << input.name;
        EXPECT_EQ(answer.error().code, ErrorCode::Underdetermined);
        EXPECT_EQ(answer.error().quantity, input.name);
    }
}

// Huge and tiny numbers, zero and minus one: a typed error that names a quantity, or a finite result. Never a crash.
TEST_P(BadInput, ExtremesGiveAFiniteResultOrATypedError)
{
    for (const CalcInput& input : model().inputs) {
        if (isText(input)) continue;
        for (const double extreme : {0.0, -1.0, 5e-324, 1e-310, 1e-300, 1e-30, 1e30, 1e300, 1.7e308, -1e300}) {
            auto inputs = good();
            CalcValue& value = inputs[input.name];
            value = CalcValue{.numbers = {extreme}};
            const auto answer = calculate(model(), inputs, m_practice);
            if (!answer) {
                EXPECT_FALSE(answer.error().quantity.empty()) << input.name << " " << extreme;
                continue;
            }
            for (const auto& [name, result] : answer->value.values())
                for (const std::complex<double>& number : result.numbers)
                    EXPECT_TRUE(std::isfinite(number.real()) && std::isfinite(number.imag()))
                        << input.name << " " << extreme << " " << name;
        }
    }
}

TEST_P(BadInput, UnknownNamesAreRefused)
{
    auto inputs = good();
    inputs["colour"] = CalcValue{.numbers = {1.0}};
    const auto answer = calculate(model(), inputs, m_practice);
    ASSERT_FALSE(answer);
    EXPECT_EQ(answer.error().code, ErrorCode::UnknownName);
    EXPECT_EQ(answer.error().quantity, "colour");
}

// What a model says it gives is all that it gives.
TEST_P(BadInput, NeverLeadsToUndeclaredOutputs)
{
    const auto answer = calculate(model(), good(), m_practice);
    ASSERT_TRUE(answer);
    const auto& declared = model().outputs;
    for (const auto& [name, value] : answer->value.values())
        EXPECT_NE(std::find(declared.begin(), declared.end(), name), declared.end()) << name;
}

std::vector<std::string> modelNames()
{
    std::vector<std::string> names;
    for (const CalcModel& model : calcModels()) names.push_back(model.name);
    return names;
}

INSTANTIATE_TEST_SUITE_P(Models, BadInput, testing::ValuesIn(modelNames()), [](const auto& model) {
    std::string name = model.param;
    std::replace(name.begin(), name.end(), '-', '_');
    return name;
});

TEST(CalcModels, HaveDistinctNames)
{
    std::set<std::string> names;
    for (const CalcModel& model : calcModels()) EXPECT_TRUE(names.insert(model.name).second) << model.name;
}

TEST(CalcModels, AreFoundByNameBySectionAndByTheirInputs)
{
    EXPECT_EQ(findCalcModel("fuse", {})->section, "A13");
    EXPECT_EQ(findCalcModel("A13", {})->name, "fuse");
    EXPECT_EQ(findCalcModel("A7", {"from_ohm", "to_ohm"})->name, "load-change");
    EXPECT_EQ(findCalcModel("A7", {"oneWatt_db", "reference_ohm"})->name, "sensitivity");
    EXPECT_EQ(findCalcModel("A7", {}), nullptr);
    EXPECT_EQ(findCalcModel("Z9", {}), nullptr);
}

// Source: propagation of uncorrelated uncertainties; f = 1 / (2 pi R C), so the relative ones add in squares.
TEST(ResultSpread, AddsRelativeUncertaintiesInSquares)
{
    const CalcModel& model = *findCalcModel("series-capacitor", {});
    const std::map<std::string, CalcValue> inputs{{"resistance_ohm", {.numbers = {4.0}}},
                                                  {"capacitance_f", {.numbers = {1e-4}}}};
    const auto spread =
        resultSpread(model, inputs, {{"resistance_ohm", 0.03}, {"capacitance_f", 0.04}}, shippedShop().practice);
    ASSERT_TRUE(spread);
    EXPECT_EQ(spread->value.front().name, "corner_hz");
    EXPECT_TRUE(spread->value.front().relative);
    EXPECT_NEAR(spread->value.front().value, 0.05, 1e-6);
}

// 10 log(R1/R2) moves by 10/ln 10 dB for each relative unit of R1.
TEST(ResultSpread, OfALevelIsAbsolute)
{
    const auto spread = resultSpread(*findCalcModel("load-change", {}),
                                     {{"from_ohm", {.numbers = {8.0}}}, {"to_ohm", {.numbers = {4.0}}}},
                                     {{"from_ohm", 0.1}}, shippedShop().practice);
    ASSERT_TRUE(spread);
    EXPECT_FALSE(spread->value.front().relative);
    EXPECT_NEAR(spread->value.front().value, 0.1 * 10.0 / std::log(10.0), 1e-6);
}

// A spread that leads out of what a model allows is refused at the end it leads out of, for every model that has a
// greatest input: what cannot be computed there has no slope there.
TEST(ResultSpread, OverTheEdgeOfAnInputIsRefused)
{
    int tried = 0;
    for (const CalcModel& model : calcModels()) {
        for (const CalcInput& input : model.inputs) {
            if (input.kind != CalcKind::Number || !std::isfinite(input.greatest) || input.greatest <= 0.0 ||
                input.whole)
                continue;
            std::map<std::string, CalcValue> inputs;
            for (const CalcInput& other : model.inputs)
                if (other.needed && other.kind == CalcKind::Number)
                    inputs[other.name] = {.numbers = {other.usual.value_or(other.above ? other.least + 1.0 : 1.0)}};
            inputs[input.name] = {.numbers = {input.greatest}};
            if (!calculate(model, inputs, shippedShop().practice)) continue;  // needs more than numbers
            const auto spread = resultSpread(model, inputs, {{input.name, 0.1}}, shippedShop().practice);
            ASSERT_FALSE(spread) << model.name << " " << input.name;
            EXPECT_EQ(spread.error().quantity, input.name);
            ++tried;
        }
    }
    EXPECT_GE(tried, 2);
}

}  // namespace
}  // namespace core
