// Source: the common public text convention of response and impedance files, as docs/formats.md states it.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <sstream>

#include "core/io/curve_file.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

TEST(CurveFile, ReadsSeparatorsCommentsAndMarks)
{
    const auto file = readCurveFile(
        "\xEF\xBB\xBF* made by hand\r\n"
        "Frequency\tdB\tdegrees\r\n"
        "\"quoted heading\"\r\n"
        "200;86;-100\r\n"
        "100 80 -10\r\n"
        "\"400\",\"90\",\"190\"\r\n"
        "\r\n"
        "; another comment\r\n"
        "! and one more\r\n"
        "+800\t91\t0\r\n",
        CurveFileKind::Response, "a.frd");
    ASSERT_TRUE(file) << oneLine(file.error());
    EXPECT_EQ(file->curve.frequency_hz.size(), 4);
    EXPECT_EQ(file->curve.frequency_hz(0), 100.0);
    EXPECT_EQ(file->curve.magnitude(1), 86.0);
    EXPECT_EQ(file->curve.phase_deg(2), -170.0);  // wrapped
    EXPECT_TRUE(file->curve.hasPhase);
    EXPECT_TRUE(file->warnings.empty());
}

TEST(CurveFile, ReadsDecimalCommasWhenAsked)
{
    const auto file = readCurveFile("100,5\t4,25\t-10,5\n", CurveFileKind::Impedance, "a.zma", {.decimalComma = true});
    ASSERT_TRUE(file);
    EXPECT_EQ(file->curve.frequency_hz(0), 100.5);
    EXPECT_EQ(file->curve.magnitude(0), 4.25);
}

TEST(CurveFile, AveragesEqualFrequenciesRoundTheCircle)
{
    const auto file = readCurveFile("100 80 179\n100 82 -179\n", CurveFileKind::Response, "a.frd");
    ASSERT_TRUE(file);
    EXPECT_EQ(file->curve.magnitude(0), 81.0);
    EXPECT_EQ(file->curve.phase_deg(0), 180.0);
    EXPECT_EQ(file->warnings, (std::vector<Warning>{{WarningKind::ReaderNote, "2 lines at 100 Hz averaged"}}));
}

TEST(CurveFile, WithoutPhaseSaysSo)
{
    const auto file = readCurveFile("100 80\n200 81\n", CurveFileKind::Response, "a.frd");
    ASSERT_TRUE(file);
    EXPECT_FALSE(file->curve.hasPhase);
    EXPECT_EQ(file->warnings, (std::vector<Warning>{{WarningKind::ReaderNote, "no phase"}}));
}

struct BadRow {
    const char* line;
    CurveFileKind kind;
    const char* message;
};
void PrintTo(const BadRow& row, std::ostream* out)
{
    *out << row.line;
}
class BadCurve : public testing::TestWithParam<BadRow> {};
TEST_P(BadCurve, IsRefusedWithItsLine)
{
    const auto file =
        readCurveFile("* heading\n20 4 0\n" + std::string(GetParam().line) + "\n", GetParam().kind, "a.frd");
    ASSERT_FALSE(file);
    EXPECT_EQ(file.error().where, "line 3");
    EXPECT_NE(file.error().message.find(GetParam().message), std::string::npos) << file.error().message;
}
INSTANTIATE_TEST_SUITE_P(Lines, BadCurve,
                         testing::Values(BadRow{"100,5 80", CurveFileKind::Response, "AmbiguousComma"},
                                         BadRow{"100", CurveFileKind::Response, "expected frequency and magnitude"},
                                         BadRow{"100 x", CurveFileKind::Response, "found 'x'"},
                                         BadRow{"100 80 1 2", CurveFileKind::Response, "found '2' after the phase"},
                                         BadRow{"0 80", CurveFileKind::Response, "found 0 Hz"},
                                         BadRow{"-20 80", CurveFileKind::Response, "found -20 Hz"},
                                         BadRow{"100 nan", CurveFileKind::Response, "found 'nan'"},
                                         BadRow{"100 1e999", CurveFileKind::Response, "found '1e999'"},
                                         BadRow{"100 -4", CurveFileKind::Impedance, "found -4 ohm"},
                                         BadRow{"100 0", CurveFileKind::Impedance, "found 0 ohm"}));

// Where a tab or a semicolon parts the fields, a comma between digits can only be a decimal one.
TEST(CurveFile, ReadsDecimalCommasBetweenTabsAndSemicolons)
{
    for (const char* line : {"100,5\t80,25\t-10,5", "100,5;80,25;-10,5", "100,5; 80,25; -10,5;"}) {
        const auto file = readCurveFile(line, CurveFileKind::Response, "a.frd");
        ASSERT_TRUE(file) << line;
        EXPECT_EQ(file->curve.frequency_hz(0), 100.5) << line;
        EXPECT_EQ(file->curve.magnitude(0), 80.25) << line;
        EXPECT_EQ(file->curve.phase_deg(0), -10.5) << line;
    }
    const auto commas = readCurveFile("100,80,-10", CurveFileKind::Response, "a.frd");
    ASSERT_TRUE(commas);
    EXPECT_EQ(commas->curve.magnitude(0), 80.0);
    const auto spaced = readCurveFile("100, 80, -10;", CurveFileKind::Response, "a.frd");
    ASSERT_TRUE(spaced);
    EXPECT_EQ(spaced->curve.phase_deg(0), -10.0);
}

TEST(CurveFile, WantsAtLeastOneRecordAndNotTooMany)
{
    EXPECT_NE(readCurveFile("* nothing\n", CurveFileKind::Response, "a").error().message.find("no line"),
              std::string::npos);
    std::string many;
    for (int i = 0; i < 200001; ++i) many += "\n";
    EXPECT_NE(readCurveFile(many, CurveFileKind::Response, "a").error().message.find("more than 200000"),
              std::string::npos);
}

RC_GTEST_PROP(CurveFileProperty, WriteThenReadIsTheSameWithinWhatIsWritten, ())
{
    CurveFile file;
    file.comments.emplace_back("made by a test");
    const int points = *rc::gen::inRange(1, 30);
    for (Eigen::ArrayXd* column : {&file.curve.frequency_hz, &file.curve.magnitude, &file.curve.phase_deg})
        column->setZero(points);
    double f = 10.0;
    for (int i = 0; i < points; ++i) {
        f *= 1.05 + tests::between(0.01, 1.0);
        file.curve.frequency_hz(i) = f;
        file.curve.magnitude(i) = tests::between(1.0, 120.0);
        file.curve.phase_deg(i) = tests::between(1.0, 360.0) - 180.0;
    }
    std::ostringstream out;
    writeCurveFile(out, file);
    const auto back = readCurveFile(out.str(), CurveFileKind::Response, "back");
    RC_ASSERT(back.has_value());
    RC_ASSERT(back->comments == file.comments);
    RC_ASSERT(((back->curve.frequency_hz / file.curve.frequency_hz - 1.0).abs() < 1e-5).all());
    RC_ASSERT(((back->curve.magnitude - file.curve.magnitude).abs() < 1e-6).all());
    RC_ASSERT(((back->curve.phase_deg - file.curve.phase_deg).abs() < 1e-6).all());
}

RC_GTEST_PROP(CurveFileProperty, NoiseIsReadOrRefused, (const std::string& noise))
{
    const auto file = readCurveFile("100 80 0\n" + noise, CurveFileKind::Response, "noise");
    RC_ASSERT(file.has_value() || file.error().where.starts_with("line "));
}

}  // namespace
}  // namespace core
