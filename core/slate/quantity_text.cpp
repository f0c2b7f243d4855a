#include "core/slate/quantity_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include "core/base/text.h"
#include "core/base/utf8.h"

namespace core {
namespace {

// Blanks, and the unbroken ones that stand between a figure and its unit on the screen.
void skipSpaces(std::string_view& text)
{
    for (bool more = true; more;) {
        more = false;
        skipBlanks(text);
        for (const std::string_view space : {"\u00A0", "\u202F"})
            if (text.starts_with(space)) {
                text.remove_prefix(space.size());
                more = true;
            }
    }
}

constexpr double kMostOverGauge = 6.0;  // 6/0: thicker ones the American gauge does not have

bool isUnitCharacter(char c)
{
    return isLetter(c) || c == '"' || c == '\'' || (static_cast<unsigned char>(c) & 0x80U) != 0;
}

std::string_view takeDigits(std::string_view& text)
{
    size_t count = 0;
    while (count < text.size() && isDigit(text[count])) ++count;
    const std::string_view digits = text.substr(0, count);
    text.remove_prefix(count);
    return digits;
}

tl::unexpected<InputError> refuse(const std::string& message)
{
    return tl::unexpected(InputError{{}, {}, message});
}

double toNumber(const std::string& text)
{
    double value = 0.0;
    std::from_chars(text.data(), text.data() + text.size(), value);
    return value;
}

struct PrefixRow {
    std::string_view text;
    double factor;
};
constexpr std::array kPrefixes{PrefixRow{"p", 1e-12},     PrefixRow{"n", 1e-9},      PrefixRow{"u", 1e-6},
                               PrefixRow{"\u00b5", 1e-6}, PrefixRow{"\u03bc", 1e-6}, PrefixRow{"m", 1e-3},
                               PrefixRow{"k", 1e3},       PrefixRow{"K", 1e3},       PrefixRow{"M", 1e6}};

// "uF" -> 1e-6 of a capacitance. Nothing for a word that is no unit.
std::optional<TypedQuantity> unitFromText(std::string_view word)
{
    for (const UnitSpelling& unit : unitSpellings())
        if (unit.text == word) return TypedQuantity{unit.factor, unit.dimension};
    for (const PrefixRow& prefix : kPrefixes) {
        if (!word.starts_with(prefix.text)) continue;
        for (const UnitSpelling& unit : unitSpellings())
            if (unit.takesPrefix && unit.text == word.substr(prefix.text.size()))
                return TypedQuantity{unit.factor * prefix.factor, unit.dimension};
    }
    return std::nullopt;
}

std::optional<double> multipleFromText(std::string_view word)
{
    for (const PrefixRow& prefix : kPrefixes)
        if (prefix.text == word && prefix.factor > 1.0) return prefix.factor;
    return std::nullopt;
}

struct ScannedNumber {
    double value = 0.0;
    bool ohms = false;   // 4R7, 2k2: a resistance even without a unit
    int overGauge = -1;  // the n of n/0, as in 2/0 awg
};

// 1,200 may be 1.2 or 1200; 0,125 and 12,5 can only be decimals.
bool commaIsAmbiguous(std::string_view whole, std::string_view after)
{
    return after.size() == 3 && whole.size() <= 3 && whole != "0";
}

Result<ScannedNumber> scanNumber(std::string_view& text)
{
    ScannedNumber number;
    const bool negative = !text.empty() && text.front() == '-';
    if (negative) text.remove_prefix(1);
    const std::string_view start = text;
    const std::string_view whole = takeDigits(text);
    if (whole.size() > 15) return refuse("the number has too many digits");
    std::string decimal(whole);
    if (!text.empty() && (text.front() == '.' || text.front() == ',') && text.size() > 1 && isDigit(text[1])) {
        const bool comma = text.front() == ',';
        text.remove_prefix(1);
        const std::string_view after = takeDigits(text);
        if (comma && commaIsAmbiguous(whole, after))
            return refuse(
                fmt::format("is {0},{1} meant as {0}.{1} or as {0}{1}? Write it without the comma", whole, after));
        if (!text.empty() && (text.front() == '.' || text.front() == ',') && text.size() > 1 && isDigit(text[1]))
            return refuse("two separators in one number; write it with one decimal point");
        decimal += "." + std::string(after);
    }
    if (decimal.empty()) return refuse(fmt::format("found '{}', expected a number", beginningOf(start, 12)));
    number.value = toNumber(decimal);
    constexpr std::string_view kInfixes = "kKMRr";
    if (text.size() > 1 && kInfixes.find(text.front()) != std::string_view::npos && isDigit(text[1])) {  // 2k2, 4R7
        const char infix = text.front();
        text.remove_prefix(1);
        number.value =
            toNumber(decimal + "." + std::string(takeDigits(text))) * (infix == 'M'                     ? 1e6
                                                                       : (infix == 'k' || infix == 'K') ? 1e3
                                                                                                        : 1.0);
        number.ohms = true;
    }
    // 5 5/8 and 5/8: a whole number, then perhaps a fraction.
    std::string_view rest = text;
    skipSpaces(rest);
    const bool direct = text.starts_with('/');
    const std::string_view top = direct ? std::string_view(decimal) : takeDigits(rest);
    if (direct) rest = text;
    if (!top.empty() && rest.size() > 1 && rest.front() == '/' && isDigit(rest[1])) {
        rest.remove_prefix(1);
        const double bottom = toNumber(std::string(takeDigits(rest)));
        if (bottom == 0.0 && direct && number.value >= 1.0 && number.value <= kMostOverGauge)
            number.overGauge = static_cast<int>(number.value);
        else if (bottom == 0.0)
            return refuse("a fraction cannot have 0 below its line");
        else
            number.value = (direct ? 0.0 : number.value) + toNumber(std::string(top)) / bottom;
        text = rest;
    }
    if (negative) number.value = -number.value;
    return number;
}

std::string_view takeWord(std::string_view text)
{
    size_t length = 0;
    while (length < text.size() && isUnitCharacter(text[length])) ++length;
    // cm2 is one word, if no more digits follow.
    if (length > 0 && length < text.size() && text[length] == '2' &&
        (length + 1 == text.size() || !isDigit(text[length + 1])) && unitFromText(text.substr(0, length + 1)))
        ++length;
    return text.substr(0, length);
}

// Dividing by a whole number gives the same double as typing the value would: 100 uF is 0.0001 F to the last digit.
double inUnits(double value, double factor)
{
    const double whole = std::round(1.0 / factor);
    const bool exact = factor < 1.0 && std::abs(whole * factor - 1.0) < 1e-12;
    return exact ? value / whole : value * factor;
}

Result<TypedQuantity> scan(std::string_view& text, std::optional<Dimension> expected)
{
    skipSpaces(text);
    const auto number = scanNumber(text);
    if (!number) return tl::unexpected(number.error());
    std::string_view rest = text;
    skipSpaces(rest);
    const std::string_view word = takeWord(rest);
    TypedQuantity unit = expected ? TypedQuantity{bareUnit(*expected), *expected}
                                  : TypedQuantity{1.0, number->ohms ? Dimension::Resistance : Dimension::Number};
    if (const auto named = unitFromText(word)) {
        unit = *named;
        text = rest.substr(word.size());
    } else if (const auto multiple = multipleFromText(word)) {
        // "2k" and "10M" are multiples of the unit that the place asks for, or of ohms.
        unit = {*multiple, expected.value_or(Dimension::Resistance)};
        text = rest.substr(word.size());
    }
    if (number->overGauge >= 0) {
        if (unit.dimension != Dimension::Gauge) return refuse("a fraction cannot have 0 below its line");
        return TypedQuantity{1.0 - number->overGauge, Dimension::Gauge};
    }
    return TypedQuantity{inUnits(number->value, unit.value), unit.dimension};
}

std::string_view nameOf(Dimension dimension)
{
    switch (dimension) {
        case Dimension::Number:
            return "a bare number";
        case Dimension::Resistance:
            return "ohms";
        case Dimension::Capacitance:
            return "a capacitance such as 68 uF";
        case Dimension::Inductance:
            return "an inductance such as 0.3 mH";
        case Dimension::Power:
            return "watts";
        case Dimension::Voltage:
            return "volts";
        case Dimension::Current:
            return "amperes";
        case Dimension::Frequency:
            return "a frequency in Hz";
        case Dimension::Length:
            return "a length such as 143 mm or 5 5/8 in";
        case Dimension::Time:
            return "a time such as 1.2 ms";
        case Dimension::Gauge:
            return "a wire gauge such as 16 awg";
        case Dimension::Level:
            return "decibels";
        case Dimension::Area:
            return "an area such as 135 cm2";
        case Dimension::Volume:
            return "a volume such as 12 l";
        case Dimension::Mass:
            return "a mass such as 20 g";
        case Dimension::Temperature:
            return "a temperature such as 20 degC";
        case Dimension::Octaves:
            return "a width in octaves";
        case Dimension::Charge:
            return "a battery's Ah";
    }
    return {};
}

}  // namespace

Result<TypedQuantity> scanQuantity(std::string_view& text)
{
    return scan(text, std::nullopt);
}

Result<TypedQuantity> parseQuantity(std::string_view text, std::optional<Dimension> expected)
{
    const std::string whole(text);
    if (expected == Dimension::Capacitance) {  // 47/50 on a capacitor: microfarads and volts
        const size_t slash = text.find('/');
        const auto plain = [](std::string_view part) {
            return !part.empty() && std::all_of(part.begin(), part.end(), isDigit);
        };
        if (slash != std::string_view::npos && plain(text.substr(0, slash)) && plain(text.substr(slash + 1)))
            text = text.substr(0, slash);
    }
    const auto quantity = scan(text, expected);
    if (!quantity) return quantity;
    skipSpaces(text);
    if (!text.empty())
        return refuse(fmt::format("'{}' in '{}' is not understood", beginningOf(text, 16), beginningOf(whole, 40)));
    if (expected && quantity->dimension != *expected)
        return refuse(fmt::format("found {}, expected {}", nameOf(quantity->dimension), nameOf(*expected)));
    if (!std::isfinite(quantity->value)) return refuse("the number is too large");
    return quantity;
}

}  // namespace core
