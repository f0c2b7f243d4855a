#include "core/calc/calc_model.h"

#include <fmt/format.h>

#include <algorithm>

namespace core {

CalcInput CalcInput::counted() const
{
    CalcInput other = *this;
    other.whole = true;
    return other;
}
CalcInput CalcInput::list() const
{
    CalcInput other = *this;
    other.kind = kind == CalcKind::Complex ? CalcKind::ComplexNumbers : CalcKind::Numbers;
    return other;
}
CalcInput CalcInput::maybe() const
{
    CalcInput other = *this;
    other.needed = false;
    return other;
}
CalcInput CalcInput::orElse(double value) const
{
    CalcInput other = maybe();
    other.usual = value;
    return other;
}
CalcInput CalcInput::orElse(PracticeKey key) const
{
    CalcInput other = maybe();
    other.practice = key;
    return other;
}
CalcInput CalcInput::meaning(std::string text) const
{
    CalcInput other = *this;
    other.note = std::move(text);
    return other;
}

CalcInput anyNumber(std::string name)
{
    return {.name = std::move(name)};
}
CalcInput positive(std::string name)
{
    return {.name = std::move(name), .least = 0.0, .above = true};
}
CalcInput notNegative(std::string name)
{
    return {.name = std::move(name), .least = 0.0};
}
CalcInput within(std::string name, double least, double greatest)
{
    return {.name = std::move(name), .least = least, .greatest = greatest};
}
CalcInput flag(std::string name)
{
    return CalcInput{.name = std::move(name),
                     .kind = CalcKind::Flag,
                     .least = 0.0,
                     .greatest = 1.0,
                     .whole = true,
                     .needed = false,
                     .usual = 0.0};
}
CalcInput impedance(std::string name)
{
    return {.name = std::move(name), .kind = CalcKind::Complex, .least = 0.0};
}
CalcInput choice(std::string name, std::vector<std::string> choices)
{
    return {.name = std::move(name), .kind = CalcKind::Choice, .needed = false, .choices = std::move(choices)};
}
CalcInput textInput(std::string name)
{
    return {.name = std::move(name), .kind = CalcKind::Text};
}

std::string allowedText(const CalcInput& input)
{
    if (input.kind == CalcKind::Choice) return fmt::format("one of {}", fmt::join(input.choices, ", "));
    if (input.kind == CalcKind::Text) return "a text";
    if (input.kind == CalcKind::Flag) return "true or false";
    const std::string whole = input.whole ? "a whole number " : "";
    const bool low = std::isfinite(input.least), high = std::isfinite(input.greatest);
    if (low && high) return whole + fmt::format("{:g} to {:g}", input.least, input.greatest);
    if (low) return whole + fmt::format("{} {:g}", input.above ? ">" : ">=", input.least);
    if (high) return whole + fmt::format("<= {:g}", input.greatest);
    return whole + "finite";
}

Eigen::ArrayXd CalcArguments::numbers(const std::string& name) const
{
    const auto& from = value(name).numbers;
    Eigen::ArrayXd result(static_cast<Eigen::Index>(from.size()));
    for (size_t i = 0; i < from.size(); ++i) result(static_cast<Eigen::Index>(i)) = from[i].real();
    return result;
}

CalcResults& CalcResults::set(std::string name, double value)
{
    m_values.emplace_back(std::move(name), CalcValue{.numbers = {value}});
    return *this;
}
CalcResults& CalcResults::set(std::string name, std::complex<double> value)
{
    m_values.emplace_back(std::move(name), CalcValue{.numbers = {value}, .isComplex = true});
    return *this;
}
CalcResults& CalcResults::set(std::string name, const Eigen::ArrayXd& values, bool list)
{
    m_values.emplace_back(std::move(name), CalcValue{.numbers = {values.begin(), values.end()}, .list = list});
    return *this;
}
CalcResults& CalcResults::set(std::string name, const Eigen::ArrayXcd& values, bool list)
{
    m_values.emplace_back(std::move(name),
                          CalcValue{.numbers = {values.begin(), values.end()}, .list = list, .isComplex = true});
    return *this;
}
CalcResults& CalcResults::set(std::string name, std::string text)
{
    m_values.emplace_back(std::move(name), CalcValue{.texts = {std::move(text)}});
    return *this;
}
CalcResults& CalcResults::set(std::string name, std::vector<std::string> texts)
{
    m_values.emplace_back(std::move(name), CalcValue{.texts = std::move(texts), .list = true});
    return *this;
}
CalcResults& CalcResults::setIf(std::string name, const std::optional<double>& value)
{
    return value ? set(std::move(name), *value) : *this;
}

const CalcValue* CalcResults::find(const std::string& name) const
{
    const auto found =
        std::find_if(m_values.begin(), m_values.end(), [&](const auto& one) { return one.first == name; });
    return found == m_values.end() ? nullptr : &found->second;
}

}  // namespace core
