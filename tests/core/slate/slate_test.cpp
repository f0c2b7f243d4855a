#include "core/slate/slate.h"
#include "core/io/shop.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include "tests/core/reference_csv.h"

namespace core {
namespace {

struct SlateRow {
    const char* text;
    SlateKind kind;
    SlateFigure figure;
    const char* printed;  // tolerance: half its last digit
};
void PrintTo(const SlateRow& row, std::ostream* out)
{
    *out << row.text;
}
class Slate : public testing::TestWithParam<SlateRow> {};
TEST_P(Slate, Answers)
{
    const auto answer = slate(GetParam().text, shippedShop().practice);
    ASSERT_TRUE(answer) << oneLine(answer.error());
    EXPECT_EQ(answer->kind, GetParam().kind);
    double value = -1.0;
    for (const SlateResult& result : answer->results)
        if (result.figure == GetParam().figure) value = result.value;
    EXPECT_NEAR(value, std::stod(GetParam().printed), tests::halfLastDigit(GetParam().printed));
}
// Source: 1 / (2 pi R C), U = sqrt(P R), R1 + R2, 1 / (1/R1 + 1/R2), IEC 60063: closed forms.
INSTANTIATE_TEST_SUITE_P(
    Lines, Slate,
    testing::Values(SlateRow{"68 uF 6 ohm", SlateKind::CapacitorCorner, SlateFigure::Corner_hz, "390.1"},
                    SlateRow{"4 ohm 68uF", SlateKind::CapacitorCorner, SlateFigure::Corner_hz, "585.1"},
                    SlateRow{"265 MFD 4R", SlateKind::CapacitorCorner, SlateFigure::Corner_hz, "150.1"},
                    SlateRow{"150 Hz 3.4 ohm", SlateKind::CapacitorForCorner, SlateFigure::Capacitance_f, "312e-6"},
                    SlateRow{"390 Hz 4 ohm", SlateKind::CapacitorForCorner, SlateFigure::PreferredE6_f, "100e-6"},
                    SlateRow{"50 W 4 ohm", SlateKind::PowerIntoLoad, SlateFigure::Voltage_v, "14.1421"},
                    SlateRow{"50 W 2 ohm", SlateKind::PowerIntoLoad, SlateFigure::Current_a, "5.00"},
                    SlateRow{"10 V 4 ohm", SlateKind::VoltageIntoLoad, SlateFigure::Power_w, "25.0"},
                    SlateRow{"4 ohm + 8 ohm", SlateKind::SeriesParallel, SlateFigure::Load_ohm, "12.0"},
                    SlateRow{"4||4", SlateKind::SeriesParallel, SlateFigure::Load_ohm, "2.00"},
                    SlateRow{"4 ohm + 8 ohm || 2 ohm", SlateKind::SeriesParallel, SlateFigure::Load_ohm, "5.60000"},
                    SlateRow{"(4 + 4) || (4 + 4)", SlateKind::SeriesParallel, SlateFigure::Load_ohm, "4.00"},
                    SlateRow{"3x4 ohm min 2", SlateKind::SeveralCoils, SlateFigure::ParallelLoad_ohm, "1.33333"},
                    SlateRow{"3x4 ohm min 2", SlateKind::SeveralCoils, SlateFigure::ParallelAllowed, "0"},
                    SlateRow{"3x4 ohm min 2", SlateKind::SeveralCoils, SlateFigure::SeriesAllowed, "1"},
                    SlateRow{"5 5/8 in", SlateKind::Conversion, SlateFigure::Value, "0.142875"}));

class NoSlate : public testing::TestWithParam<const char*> {};
TEST_P(NoSlate, IsOneLineOfReason)
{
    const auto answer = slate(GetParam(), shippedShop().practice);
    ASSERT_FALSE(answer);
    EXPECT_EQ(answer.error().file, "slate");
    EXPECT_FALSE(answer.error().message.empty());
}
INSTANTIATE_TEST_SUITE_P(Lines, NoSlate,
                         testing::Values("", "hello", "7", "68 uF 6 V", "0 uF 4 ohm", "-4 ohm 68 uF", "4 ohm +",
                                         "(4 + 4", "4 || 0", "4 ohm 5 ohm", "68 uF 4 ohm 5 ohm", "3x", "0x4 ohm",
                                         "3x4 V", "1,200 ohm 68 uF", "4 W + 4 W", "99999999999999999999 ohm"));

TEST(Slate, RefusesALineOfAnyLengthWithoutHarm)
{
    EXPECT_FALSE(slate(std::string(100000, '('), shippedShop().practice));
    EXPECT_FALSE(slate(std::string(300, '('), shippedShop().practice));
}

RC_GTEST_PROP(SlateProperty, AnswersOrRefusesAnything, ())
{
    const auto text = *rc::gen::container<std::string>(
        rc::gen::element('1', '4', '.', ',', '/', ' ', 'x', '+', '|', '(', ')', 'u', 'F', 'o', 'h', 'm', 'W', 'V'));
    if (const auto answer = slate(text, shippedShop().practice))
        for (const SlateResult& result : answer->results) RC_ASSERT(std::isfinite(result.value));
}

}  // namespace
}  // namespace core
