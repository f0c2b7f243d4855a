#include "core/calc/calc_value.h"

#include <fmt/format.h>

#include <charconv>
#include <cmath>
#include <optional>

#include "core/base/text.h"

namespace core {
namespace {

using Complex = std::complex<double>;

// Reads one real number from the front and cuts it off; knows nan and inf, which the models then refuse by name.
std::optional<double> takeReal(std::string_view& text)
{
    const bool plus = text.starts_with('+');
    const std::string_view digits = plus ? text.substr(1) : text;
    if (plus && digits.starts_with('-')) return std::nullopt;
    double value = 0.0;
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (error == std::errc::result_out_of_range) {
        // Too large or too small for a double: infinite or zero, which is what it is.
        const std::string_view used = digits.substr(0, static_cast<size_t>(end - digits.data()));
        const bool large = used.find("e-") == std::string_view::npos && used.find("E-") == std::string_view::npos;
        value = large ? (used.starts_with('-') ? -HUGE_VAL : HUGE_VAL) : 0.0;
    } else if (error != std::errc{}) {
        return std::nullopt;
    }
    text = digits.substr(static_cast<size_t>(end - digits.data()));
    return value;
}

// a, a+bj, bj
std::optional<Complex> numberFromText(std::string_view text)
{
    const auto first = takeReal(text);
    if (!first) return std::nullopt;
    if (text.empty()) return Complex{*first, 0.0};
    if (text == "j") return Complex{0.0, *first};
    const auto second = takeReal(text);
    if (!second || text != "j") return std::nullopt;
    return Complex{*first, *second};
}

std::vector<std::string_view> partsOf(std::string_view list)
{
    std::vector<std::string_view> parts;
    if (trimmed(list).empty()) return parts;
    for (size_t comma = 0; comma != std::string_view::npos;) {
        comma = list.find(',');
        parts.push_back(trimmed(list.substr(0, comma)));
        if (comma != std::string_view::npos) list.remove_prefix(comma + 1);
    }
    return parts;
}

std::string textOfNumber(const Complex& number)
{
    if (number.imag() == 0.0) return fmt::format("{}", number.real());
    return fmt::format("{}{:+}j", number.real(), number.imag());
}

}  // namespace

Result<CalcValue> calcValueFromText(std::string_view text, CalcKind kind)
{
    CalcValue value;
    if (kind == CalcKind::Text || kind == CalcKind::Choice) {
        value.texts.emplace_back(text);
        return value;
    }
    value.isComplex = kind == CalcKind::Complex || kind == CalcKind::ComplexNumbers;
    text = trimmed(text);
    if (kind == CalcKind::Flag && (text == "true" || text == "false")) {
        value.numbers.emplace_back(text == "true" ? 1.0 : 0.0);
        return value;
    }
    value.list = text.starts_with('[') && text.ends_with(']') && text.size() >= 2;
    const auto parts = value.list ? partsOf(text.substr(1, text.size() - 2)) : std::vector{text};
    for (const std::string_view part : parts) {
        const auto number = numberFromText(part);
        if (!number)
            return tl::unexpected(
                InputError{{}, {}, fmt::format("found '{}', expected a number such as 4, 2.2e-6 or 3.3+2.2j", part)});
        value.numbers.push_back(*number);
    }
    return value;
}

std::string textOf(const CalcValue& value)
{
    std::string text;
    for (const Complex& number : value.numbers) text += (text.empty() ? "" : ",") + textOfNumber(number);
    for (const std::string& one : value.texts) text += (text.empty() ? "" : ",") + one;
    return value.list ? "[" + text + "]" : text;
}

}  // namespace core
