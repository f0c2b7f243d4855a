#include "core/slate/quantity_text.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

namespace core {
namespace {

struct TypedRow {
    const char* text;
    double value;
    Dimension dimension;
};
void PrintTo(const TypedRow& row, std::ostream* out)
{
    *out << row.text;
}
class Typed : public testing::TestWithParam<TypedRow> {};
TEST_P(Typed, IsUnderstood)
{
    const auto quantity = parseQuantity(GetParam().text);
    ASSERT_TRUE(quantity) << quantity.error().message;
    EXPECT_NEAR(quantity->value, GetParam().value, 1e-9 * std::abs(GetParam().value));
    EXPECT_EQ(quantity->dimension, GetParam().dimension);
}
// Markings as they stand on parts and in old papers; 1 in = 25.4 mm exactly.
INSTANTIATE_TEST_SUITE_P(
    Texts, Typed,
    testing::Values(TypedRow{"5 5/8 in", 0.142875, Dimension::Length}, TypedRow{"5/8 in", 0.015875, Dimension::Length},
                    TypedRow{"143 mm", 0.143, Dimension::Length}, TypedRow{"6.5\"", 0.1651, Dimension::Length},
                    TypedRow{"2 ft", 0.6096, Dimension::Length}, TypedRow{"2k2", 2200.0, Dimension::Resistance},
                    TypedRow{"4R7", 4.7, Dimension::Resistance}, TypedRow{"0R33", 0.33, Dimension::Resistance},
                    TypedRow{"2k2 ohm", 2200.0, Dimension::Resistance}, TypedRow{"10k", 1e4, Dimension::Resistance},
                    TypedRow{"0.1 mF", 1e-4, Dimension::Capacitance}, TypedRow{"47 MFD", 47e-6, Dimension::Capacitance},
                    TypedRow{"47 mfd", 47e-6, Dimension::Capacitance}, TypedRow{"68uF", 68e-6, Dimension::Capacitance},
                    TypedRow{"68 \u00b5F", 68e-6, Dimension::Capacitance},
                    TypedRow{"4 \u03a9", 4.0, Dimension::Resistance}, TypedRow{"16 ga", 16.0, Dimension::Gauge},
                    TypedRow{"1/0 awg", 0.0, Dimension::Gauge}, TypedRow{"4/0 AWG", -3.0, Dimension::Gauge},
                    TypedRow{"3,3 ohm", 3.3, Dimension::Resistance},
                    TypedRow{"0,125 ohm", 0.125, Dimension::Resistance},
                    TypedRow{"2.5 kHz", 2500.0, Dimension::Frequency},
                    TypedRow{"0.35 mH", 0.35e-3, Dimension::Inductance}, TypedRow{"1.2 ms", 1.2e-3, Dimension::Time},
                    TypedRow{"-3 dB", -3.0, Dimension::Level}, TypedRow{" 50 W ", 50.0, Dimension::Power},
                    TypedRow{"14.1 V", 14.1, Dimension::Voltage}, TypedRow{"7", 7.0, Dimension::Number},
                    TypedRow{"135 cm2", 135e-4, Dimension::Area}, TypedRow{"16mm2", 16e-6, Dimension::Area},
                    TypedRow{"12 l", 12e-3, Dimension::Volume}, TypedRow{"20 g", 20e-3, Dimension::Mass},
                    TypedRow{"-10 degC", -10.0, Dimension::Temperature}, TypedRow{"1 octave", 1.0, Dimension::Octaves},
                    TypedRow{"60 Ah", 60.0, Dimension::Charge}));

struct RefusedRow {
    const char* text;
    const char* message;
};
void PrintTo(const RefusedRow& row, std::ostream* out)
{
    *out << row.text;
}
class Refused : public testing::TestWithParam<RefusedRow> {};
TEST_P(Refused, SaysWhy)
{
    const auto quantity = parseQuantity(GetParam().text);
    ASSERT_FALSE(quantity);
    EXPECT_NE(quantity.error().message.find(GetParam().message), std::string::npos) << quantity.error().message;
}
INSTANTIATE_TEST_SUITE_P(
    Texts, Refused,
    testing::Values(RefusedRow{"", "expected a number"}, RefusedRow{"ohm", "expected a number"},
                    RefusedRow{"1,200 ohm", "meant as 1.200 or as 1200"}, RefusedRow{"1.2.3", "two separators"},
                    RefusedRow{"1/0 in", "0 below its line"}, RefusedRow{"5 1/0 in", "0 below its line"},
                    RefusedRow{"4 bananas", "not understood"}, RefusedRow{"4 ohm 5", "not understood"},
                    RefusedRow{"99999999999999999999", "too many digits"}));

TEST(ParseQuantity, GivesABareNumberTheUnitOfItsField)
{
    EXPECT_NEAR(parseQuantity("68", Dimension::Capacitance)->value, 68e-6, 1e-18);
    EXPECT_EQ(parseQuantity("3.3", Dimension::Resistance)->value, 3.3);
    EXPECT_NEAR(parseQuantity("143", Dimension::Length)->value, 0.143, 1e-12);
}

TEST(ParseQuantity, ReadsMicrofaradsAndVoltsOffACapacitor)
{
    EXPECT_NEAR(parseQuantity("47/50", Dimension::Capacitance)->value, 47e-6, 1e-18);
    EXPECT_NEAR(parseQuantity("47/50")->value, 0.94, 1e-12);
}

TEST(ParseQuantity, RefusesAnotherDimension)
{
    EXPECT_EQ(parseQuantity("4 V", Dimension::Resistance).error().message, "found volts, expected ohms");
}

// What is typed in small units is saved as it would be written in farads: 100 uF is 0.0001, not 9.999999999999999e-05.
// A figure that was copied off the screen, with the unbroken space it is written with there.
TEST(ParseQuantity, ReadsWhatAScreenShows)
{
    EXPECT_DOUBLE_EQ(parseQuantity("8.2\u202F\u00B5F", Dimension::Capacitance)->value, 8.2e-6);
    EXPECT_DOUBLE_EQ(parseQuantity("2.28\u202FkHz", Dimension::Frequency)->value, 2280.0);
    EXPECT_DOUBLE_EQ(parseQuantity("3.3\u00A0\u03A9", Dimension::Resistance)->value, 3.3);
}

RC_GTEST_PROP(ParseQuantityProperty, SmallUnitsAreExact, ())
{
    const std::string digits = std::to_string(*rc::gen::inRange(1, 10000));
    RC_ASSERT(parseQuantity(digits + " uF", Dimension::Capacitance)->value == std::stod(digits + "e-6"));
    RC_ASSERT(parseQuantity(digits + " mm", Dimension::Length)->value == std::stod(digits + "e-3"));
}

RC_GTEST_PROP(ParseQuantityProperty, NeverCrashesAndIsFinite, ())
{
    const auto text = *rc::gen::container<std::string>(rc::gen::element(
        '1', '0', '9', '.', ',', '/', ' ', 'k', 'R', 'u', 'F', 'o', 'h', 'm', '-', '"', '\xc2', '\xb5'));
    const auto quantity = parseQuantity(text);
    if (quantity) RC_ASSERT(std::isfinite(quantity->value));
}

}  // namespace
}  // namespace core
