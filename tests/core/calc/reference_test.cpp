// Every row of tests/reference/calc_*.csv: a model by its calc name, inputs, one output and the printed value with its
// source.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "core/calc/calc_model.h"
#include "core/io/atomic_file.h"
#include "core/io/shop.h"
#include "tests/core/reference_csv.h"

namespace core {
namespace {

std::string withCommas(std::string text)
{
    std::replace(text.begin(), text.end(), ';', ',');  // a comma would end the cell
    return text;
}

const CalcModel& modelNamed(const std::string& name)
{
    const auto found = std::find_if(calcModels().begin(), calcModels().end(),
                                    [&](const CalcModel& model) { return model.name == name; });
    EXPECT_NE(found, calcModels().end()) << name;
    return *found;
}

std::map<std::string, CalcValue> inputsOf(const CalcModel& model, const std::string& text)
{
    std::map<std::string, CalcValue> inputs;
    std::istringstream fields(text);
    for (std::string field; fields >> field;) {
        const std::string name = field.substr(0, field.find('='));
        std::string value = withCommas(field.substr(field.find('=') + 1));
        CalcKind kind = CalcKind::Text;
        for (const CalcInput& input : model.inputs)
            if (input.name == name) kind = input.kind;
        if (value.starts_with('@'))
            value = readWholeFile(std::string(TEST_FOLDER) + "/data/" + value.substr(1)).value_or("no such file");
        auto read = calcValueFromText(value, kind);
        EXPECT_TRUE(read) << field;
        if (read) inputs[name] = std::move(*read);
    }
    return inputs;
}

// "power_w", "load_ohm[2]", "sinePower_w[R1]", "load_ohm.re"
double outputOf(const CalcResults& results, std::string output)
{
    const bool imaginary = output.ends_with(".im");
    if (imaginary || output.ends_with(".re")) output.resize(output.size() - 3);
    std::string index = "0";
    if (const size_t bracket = output.find('['); bracket != std::string::npos) {
        index = output.substr(bracket + 1, output.size() - bracket - 2);
        output.resize(bracket);
    }
    size_t at = 0;
    if (std::isdigit(static_cast<unsigned char>(index.front()))) {
        at = std::stoul(index);
    } else {
        const CalcValue* names = results.find("part") ? results.find("part") : results.find("element");
        at = static_cast<size_t>(std::find(names->texts.begin(), names->texts.end(), index) - names->texts.begin());
    }
    const CalcValue* value = results.find(output);
    EXPECT_NE(value, nullptr) << output;
    if (!value || at >= value->numbers.size()) return NAN;
    return imaginary ? value->numbers[at].imag() : value->numbers[at].real();
}

class Reference : public testing::TestWithParam<tests::ReferenceRow> {};

TEST_P(Reference, GivesThePrintedValue)
{
    const tests::ReferenceRow& row = GetParam();
    const CalcModel& model = modelNamed(row.at("model"));
    const std::string& output = row.at("output");
    const std::string expected = withCommas(row.at("value"));
    const auto answer = calculate(model, inputsOf(model, row.at("inputs")), shippedShop().practice);
    if (output == "error") {
        ASSERT_FALSE(answer);
        EXPECT_EQ(std::string(textOf(answer.error().code)) + ":" + answer.error().quantity, expected);
        return;
    }
    ASSERT_TRUE(answer) << textOf(answer.error().code) << " " << answer.error().quantity << " "
                        << answer.error().allowed;
    if (output == "warning") {
        const auto& warnings = answer->warnings;
        const bool there = std::any_of(warnings.begin(), warnings.end(),
                                       [&](const Warning& warning) { return textOf(warning) == expected; });
        EXPECT_TRUE(expected == "none" ? warnings.empty() : there);
        return;
    }
    if (output.starts_with("count(")) {
        const CalcValue* value = answer->value.find(output.substr(6, output.size() - 7));
        EXPECT_EQ(value ? std::to_string(value->numbers.size()) : "0", expected);
        return;
    }
    if (const CalcValue* text = answer->value.find(output); text && !text->texts.empty()) {
        EXPECT_EQ(text->texts.front(), expected);
        return;
    }
    const double error = outputOf(answer->value, output) - std::stod(expected);
    const bool angle = output.find("_deg") != std::string::npos;
    EXPECT_LE(std::abs(angle ? std::remainder(error, 360.0) : error), tests::toleranceOf(expected))
        << outputOf(answer->value, output) << ", source: " << row.at("source");
}

std::string nameOf(const testing::TestParamInfo<tests::ReferenceRow>& row)
{
    std::string name = row.param.at("model") + "_" + row.param.at("output") + "_" + std::to_string(row.index);
    std::replace_if(
        name.begin(), name.end(), [](char c) { return !std::isalnum(static_cast<unsigned char>(c)); }, '_');
    return name;
}

INSTANTIATE_TEST_SUITE_P(Electrical, Reference, testing::ValuesIn(tests::referenceRows("calc_electrical.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Networks, Reference, testing::ValuesIn(tests::referenceRows("calc_networks.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Filters, Reference, testing::ValuesIn(tests::referenceRows("calc_filters.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Drivers, Reference, testing::ValuesIn(tests::referenceRows("calc_drivers.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Enclosures, Reference, testing::ValuesIn(tests::referenceRows("calc_enclosures.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Hearing, Reference, testing::ValuesIn(tests::referenceRows("calc_hearing.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Fit, Reference, testing::ValuesIn(tests::referenceRows("calc_fit.csv")), nameOf);
INSTANTIATE_TEST_SUITE_P(Sweeps, Reference, testing::ValuesIn(tests::referenceRows("calc_sweeps.csv")), nameOf);

// Every model has at least one row, so none can be added without a check.
TEST(Reference, CoversEveryModel)
{
    std::set<std::string> checked;
    for (const char* file : tests::kCalcFiles)
        for (const tests::ReferenceRow& row : tests::referenceRows(file)) checked.insert(row.at("model"));
    for (const CalcModel& model : calcModels()) EXPECT_TRUE(checked.contains(model.name)) << model.name;
}

}  // namespace
}  // namespace core
