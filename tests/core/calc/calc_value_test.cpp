// Values as they are typed on the command line.
#include "core/calc/calc_value.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/base/unit.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

TEST(CalcValue, ReadsNumbersListsAndComplexOnes)
{
    EXPECT_EQ(calcValueFromText("4", CalcKind::Number)->numbers.front(), 4.0);
    EXPECT_EQ(calcValueFromText(" -2.5e-6 ", CalcKind::Number)->numbers.front(), -2.5e-6);
    EXPECT_EQ(calcValueFromText("+4", CalcKind::Number)->numbers.front(), 4.0);
    const auto list = calcValueFromText("[8, 4,2]", CalcKind::Numbers);
    EXPECT_TRUE(list->list);
    EXPECT_EQ(list->numbers.size(), 3U);
    EXPECT_TRUE(calcValueFromText("[]", CalcKind::Numbers)->numbers.empty());
    EXPECT_EQ(calcValueFromText("3.3+2.2j", CalcKind::Complex)->numbers.front(), (std::complex<double>{3.3, 2.2}));
    EXPECT_EQ(calcValueFromText("3.3-2.2j", CalcKind::Complex)->numbers.front(), (std::complex<double>{3.3, -2.2}));
    EXPECT_EQ(calcValueFromText("2j", CalcKind::Complex)->numbers.front(), (std::complex<double>{0.0, 2.0}));
    EXPECT_EQ(calcValueFromText("4 ohm", CalcKind::Text)->texts.front(), "4 ohm");
}

// What is no finite number is passed on, for the model to refuse by name.
TEST(CalcValue, PassesOnWhatIsNotFinite)
{
    EXPECT_TRUE(std::isnan(calcValueFromText("nan", CalcKind::Number)->numbers.front().real()));
    EXPECT_TRUE(std::isinf(calcValueFromText("-inf", CalcKind::Number)->numbers.front().real()));
    EXPECT_TRUE(std::isinf(calcValueFromText("1e999", CalcKind::Number)->numbers.front().real()));
    EXPECT_EQ(calcValueFromText("1e-999", CalcKind::Number)->numbers.front(), 0.0);
}

class NoCalcValue : public testing::TestWithParam<const char*> {};
TEST_P(NoCalcValue, IsRefused)
{
    const auto value = calcValueFromText(GetParam(), CalcKind::ComplexNumbers);
    ASSERT_FALSE(value);
    EXPECT_NE(value.error().message.find("expected a number"), std::string::npos);
}
INSTANTIATE_TEST_SUITE_P(Texts, NoCalcValue,
                         testing::Values("", "x", "4 ohm", "4,5", "1+", "1+2", "1+2jj", "+-4", "[4,]", "[4", "4k",
                                         "0x10"));

RC_GTEST_PROP(CalcValueProperty, TextReadsBackAsTheSameValue, ())
{
    CalcValue value{.list = true, .isComplex = true};
    for (int count = *rc::gen::inRange(1, 5); count > 0; --count)
        value.numbers.emplace_back(tests::between(1e-12, 1e12),
                                   *rc::gen::arbitrary<bool>() ? -tests::between(1e-6, 1e6) : 0.0);
    RC_ASSERT(calcValueFromText(textOf(value), CalcKind::ComplexNumbers) == value);
}

TEST(Unit, StandsAtTheEndOfAName)
{
    EXPECT_EQ(unitOfName("load_ohm"), "ohm");
    EXPECT_EQ(unitOfName("perMetre_ohm_m"), "ohm/m");
    EXPECT_EQ(unitOfName("density_kg_m3"), "kg/m3");
    EXPECT_EQ(unitOfName("soundSpeed_m_s"), "m/s");
    EXPECT_EQ(unitOfName("temperature_degc"), "degC");
    EXPECT_EQ(unitOfName("battery_ah"), "Ah");
    EXPECT_EQ(unitOfName("le_h"), "H");
    EXPECT_EQ(unitOfName("qts"), "");
}

}  // namespace
}  // namespace core
