// Every active filter, analogue and sampled, against scipy.signal, which the test runs
// (tests/reference/filters_scipy.py).
#include <gtest/gtest.h>

#include <array>
#include <cstdio>
#include <memory>
#include <sstream>

#include "core/calc/calc_model.h"
#include "core/io/shop.h"

namespace core {
namespace {

struct ScipyCurve {
    std::vector<std::complex<double>> frequency_hz{}, expected{};
};

constexpr const char* kScript = "/usr/bin/python3 " TEST_FOLDER "/reference/filters_scipy.py";

// Model and inputs -> what scipy says of them.
std::map<std::pair<std::string, std::string>, ScipyCurve> curves()
{
    std::map<std::pair<std::string, std::string>, ScipyCurve> result;
    const std::unique_ptr<FILE, int (*)(FILE*)> pipe(::popen(kScript, "r"), ::pclose);
    std::array<char, 512> line{};
    while (pipe && std::fgets(line.data(), static_cast<int>(line.size()), pipe.get())) {
        std::istringstream fields(line.data());
        std::string model, inputs, f, re, im;
        std::getline(fields, model, ',');
        std::getline(fields, inputs, ',');
        std::getline(fields, f, ',');
        std::getline(fields, re, ',');
        std::getline(fields, im);
        ScipyCurve& curve = result[{model, inputs}];
        curve.frequency_hz.emplace_back(std::stod(f));
        curve.expected.emplace_back(std::stod(re), std::stod(im));
    }
    return result;
}

TEST(Scipy, AgreesOnEveryActiveFilter)
{
    constexpr double kTolerance = 1e-9;
    const auto all = curves();
    ASSERT_EQ(all.size(), 12U * 2 * 4 * 4 + 5U * 3 * 2 * 4 * 4) << "scipy gave too few curves; is python3-scipy there?";
    const Practice practice = shippedShop().practice;
    for (const auto& [key, curve] : all) {
        const CalcModel& model = *findCalcModel(key.first, {});
        std::map<std::string, CalcValue> inputs{{"frequency_hz", {.numbers = curve.frequency_hz, .list = true}}};
        std::istringstream fields(key.second);
        for (std::string field; fields >> field;) {
            const std::string name = field.substr(0, field.find('='));
            for (const CalcInput& input : model.inputs)
                if (input.name == name) inputs[name] = *calcValueFromText(field.substr(name.size() + 1), input.kind);
        }
        const auto answer = calculate(model, inputs, practice);
        ASSERT_TRUE(answer) << key.second;
        const auto& ours = answer->value.find("transfer")->numbers;
        double worst = 0.0;
        for (size_t i = 0; i < ours.size(); ++i)
            worst =
                std::max(worst, std::abs(ours[i] - curve.expected[i]) / std::max(1e-3, std::abs(curve.expected[i])));
        EXPECT_LT(worst, kTolerance) << key.first << " " << key.second;
    }
}

}  // namespace
}  // namespace core
