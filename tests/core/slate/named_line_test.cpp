// Lines that name their calculation.
#include "core/slate/named_line.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include "core/calc/calc_model.h"
#include "core/io/shop.h"
#include "tests/core/reference_csv.h"

namespace core {
namespace {

class NamedLineRow : public testing::TestWithParam<tests::ReferenceRow> {};

TEST_P(NamedLineRow, GivesThePrintedValue)
{
    const tests::ReferenceRow& row = GetParam();
    const auto answer = slate(row.at("line"), shippedShop().practice);
    ASSERT_TRUE(answer) << oneLine(answer.error());
    EXPECT_EQ(answer->kind, SlateKind::Named);
    const auto& results = answer->named.results;
    const auto found = std::find_if(results.begin(), results.end(),
                                    [&](const auto& result) { return result.first == row.at("output"); });
    ASSERT_NE(found, results.end());
    EXPECT_NEAR(found->second.numbers.front().real(), std::stod(row.at("value")), tests::toleranceOf(row.at("value")))
        << row.at("source");
}
INSTANTIATE_TEST_SUITE_P(Lines, NamedLineRow, testing::ValuesIn(tests::referenceRows("slate.csv")),
                         [](const auto& row) { return "line_" + std::to_string(row.index); });

TEST(NamedLines, EveryExampleAnswersAndNoNameComesTwice)
{
    std::set<std::string_view> names;
    for (const NamedLine& line : namedLines()) {
        const auto answer = slate(line.example, shippedShop().practice);
        ASSERT_TRUE(answer) << line.example << ": " << oneLine(answer.error());
        EXPECT_FALSE(answer->named.results.empty()) << line.example;
        EXPECT_EQ(answer->inputs.size(), answer->named.symbols.size()) << line.example;
        for (const std::string_view name : line.names) EXPECT_TRUE(names.insert(name).second) << name;
    }
}

// What one line can say is said by one line: every model whose inputs fit has a name here.
TEST(NamedLines, LeaveOutOnlyWhatDoesNotFitOneLine)
{
    std::set<std::string_view> reached{"sine-power", "power-voltage"};  // 10 V 4 ohm; 50 W 4 ohm: by their quantities
    for (const NamedLine& line : namedLines()) reached.insert(line.model);
    const std::set<std::string_view> tooLong{"box",
                                             "port-air",
                                             "driver-group",
                                             "subsonic",
                                             "mirror",
                                             "smoothing",
                                             "band-means",
                                             "oval",
                                             "programme-travel",
                                             "sound-at-ear",
                                             "loudest-at-ear",
                                             "frequency-grid",
                                             "coil-arrangement",
                                             "ampacity-heat-balance",
                                             "network",
                                             "tolerance",
                                             "part-stress",
                                             "netlist",
                                             "series-capacitor-on-driver",
                                             "lossy-coil-compensation",
                                             "exact-compensation",
                                             "corner-spread",
                                             "filter-sections",
                                             "shelf-q",
                                             "biquad",
                                             "sampled-filter",
                                             "boxed-impedance",
                                             "driver",
                                             "driver-impedance",
                                             "excursion",
                                             "driver-class",
                                             "added-mass-effect",
                                             "peak-flanks",
                                             "impedance-fit",
                                             "curve-file",
                                             "screw-match",
                                             "other-side",
                                             "spectrum-weight",
                                             "pink-above"};
    for (const CalcModel& model : calcModels())
        EXPECT_TRUE(reached.contains(model.name) != tooLong.contains(model.name)) << model.name;
}

TEST(NamedLines, SayWhichUsualValuesTheyTook)
{
    const auto answer = slate("tweeter 100 W lr4 3500 Hz", shippedShop().practice);
    ASSERT_TRUE(answer);
    const auto& usual = answer->named.usual;
    EXPECT_NE(std::find(usual.begin(), usual.end(), std::pair(std::string("CF"), TypedQuantity{9.0, Dimension::Level})),
              usual.end());
}

// Each line says what it counted: one wire or two, which fuses there are, and what is over a limit.
TEST(NamedLines, SayWhatTheyCountedAndWhatIsTooMuch)
{
    const Practice practice = shippedShop().practice;
    const auto text = [&](const char* line, const char* output) {
        const auto answer = slate(line, practice);
        EXPECT_TRUE(answer) << line;
        for (const auto& [name, value] : answer->named.results)
            if (name == output && !value.texts.empty()) return value.texts.front();
        return std::string("nothing");
    };
    EXPECT_EQ(text("drop 60 A 5 m awg 4", "wires"), "twoWire");
    EXPECT_EQ(text("drop 60 A 5 m awg 4 chassis", "wires"), "chassis");
    EXPECT_EQ(text("wire awg 12 5 m", "wires"), "oneWire");
    EXPECT_EQ(text("cable 6 m awg 16 4 ohm", "wires"), "twoWire");
    EXPECT_EQ(text("fuse 60 A cable 160 A anl", "kinds"), "largeBlade 80 A") << "ISO 8820-3: large blades go to 100 A";
    const auto blade = slate("fuse 60 A cable 160 A blade", practice);
    ASSERT_FALSE(blade);  // ISO 8820-3: small blades end at 40 A
    EXPECT_NE(blade.error().message.find("anl 80 A"), std::string::npos) << blade.error().message;
    const auto warnings = [&](const char* line) { return slate(line, practice)->named.warnings; };
    EXPECT_TRUE(warnings("heat 3.3 ohm 15 V").empty());
    EXPECT_EQ(warnings("heat 3.3 ohm 40 V"), std::vector<Warning>{{WarningKind::CoilTooHot}});
    EXPECT_TRUE(warnings("draw 75 W 3.01 dB switching").empty()) << "a sine";
    EXPECT_EQ(warnings("draw 75 W 3 dB switching"), std::vector<Warning>{{WarningKind::ClippedProgramme}});
}

// 2 kg at 8 times the fall's acceleration on four screws: the shock that was taken is said.
TEST(NamedLines, SayTheShockThatFixingsBear)
{
    const Practice practice = shippedShop().practice;
    const auto usual = slate("fixings 4 2 kg", practice)->named.usual;
    EXPECT_NE(
        std::find(usual.begin(), usual.end(),
                  std::pair(std::string("a/g"), TypedQuantity{practice[PracticeKey::Shock_ratio], Dimension::Number})),
        usual.end());
    const auto harder = slate("fixings 4 2 kg shock 10", practice);
    ASSERT_TRUE(harder);
    EXPECT_NEAR(harder->named.results.front().second.numbers.front().real(), 49.0, 0.1);  // 2 x 10 x 9.81 / 4
}

struct BadLine {
    const char* text;
    const char* message;
};
void PrintTo(const BadLine& line, std::ostream* out)
{
    *out << line.text;
}
class NoNamedLine : public testing::TestWithParam<BadLine> {};
TEST_P(NoNamedLine, IsRefusedWithAReason)
{
    const auto answer = slate(GetParam().text, shippedShop().practice);
    ASSERT_FALSE(answer);
    EXPECT_NE(answer.error().message.find(GetParam().message), std::string::npos) << answer.error().message;
}
INSTANTIATE_TEST_SUITE_P(Lines, NoNamedLine,
                         testing::Values(BadLine{"pad", "attenuation_db is missing; such as: pad 3 dB 4 ohm"},
                                         BadLine{"pad x", "'x' is not understood here"},
                                         BadLine{"pad 3 dB 4 ohm 5 V", "'5' is not understood here"},
                                         BadLine{"fuse 130 A cable 160 A anl",
                                                 "a cable for at least 175 A, such as AWG 2"},
                                         BadLine{"filter lr6 low 80 Hz at 40 Hz", "Linkwitz-Riley 2 4 8"},
                                         BadLine{"load 3 ohm min 4 V", "'min' is not understood"},
                                         BadLine{"ampacity awg", "expected a number"}));

RC_GTEST_PROP(NamedLineProperty, NoiseIsAnsweredOrRefused, (const std::string& noise))
{
    const auto& lines = namedLines();
    const auto& line = lines[static_cast<size_t>(*rc::gen::inRange(0, static_cast<int>(lines.size())))];
    const auto answer = slate(std::string(line.names.front()) + " " + noise, shippedShop().practice);
    RC_ASSERT(answer.has_value() || !answer.error().message.empty());
}

}  // namespace
}  // namespace core
