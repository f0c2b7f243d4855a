#pragma once

#include <Eigen/Core>
#include <functional>
#include <limits>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "core/base/outcome.h"
#include "core/calc/calc_value.h"
#include "core/practice/practice.h"

namespace core {

// One input of a model: its name, which ends in its unit, what it may be, and what stands for it when it is not given.
struct CalcInput {
    std::string name{};
    CalcKind kind = CalcKind::Number;
    double least = -std::numeric_limits<double>::infinity();
    double greatest = std::numeric_limits<double>::infinity();
    bool above = false;  // the least itself is not allowed
    bool whole = false;  // counts something
    bool needed = true;
    std::optional<double> usual{};
    std::optional<PracticeKey> practice{};  // its default is an entry of practice
    std::vector<std::string> choices{};     // of a Choice; the first is the default
    std::string note{};

    [[nodiscard]] CalcInput counted() const;  // whole numbers only
    [[nodiscard]] CalcInput list() const;     // a list is welcome, too
    [[nodiscard]] CalcInput maybe() const;    // may be left out
    [[nodiscard]] CalcInput orElse(double value) const;
    [[nodiscard]] CalcInput orElse(PracticeKey key) const;
    [[nodiscard]] CalcInput meaning(std::string text) const;
};

// For readable tables of models.
[[nodiscard]] CalcInput anyNumber(std::string name);
[[nodiscard]] CalcInput positive(std::string name);
[[nodiscard]] CalcInput notNegative(std::string name);
[[nodiscard]] CalcInput within(std::string name, double least, double greatest);
[[nodiscard]] CalcInput flag(std::string name);       // true or false, false if not given
[[nodiscard]] CalcInput impedance(std::string name);  // complex, real part >= 0
[[nodiscard]] CalcInput choice(std::string name, std::vector<std::string> choices);
[[nodiscard]] CalcInput textInput(std::string name);

// "> 0", "0 to 1", "one of lowPass, highPass"
[[nodiscard]] std::string allowedText(const CalcInput& input);

// Inputs that have passed their checks. Names that a model does not declare may not be asked for. Remembers which ones
// were read: what was given and never looked at is not dropped in silence.
class CalcArguments {
public:
    CalcArguments(std::map<std::string, CalcValue> values, const Practice& practice)
        : m_values(std::move(values)), m_practice(practice)
    {
    }

    [[nodiscard]] bool has(const std::string& name) const { return m_values.contains(name); }
    [[nodiscard]] double number(const std::string& name) const { return value(name).numbers.front().real(); }
    [[nodiscard]] double numberOr(const std::string& name, double otherwise) const
    {
        return has(name) ? number(name) : otherwise;
    }
    [[nodiscard]] std::optional<double> maybe(const std::string& name) const
    {
        return has(name) ? std::optional(number(name)) : std::nullopt;
    }
    [[nodiscard]] bool isSet(const std::string& name) const { return number(name) != 0.0; }
    [[nodiscard]] int whole(const std::string& name) const { return static_cast<int>(number(name)); }
    [[nodiscard]] std::complex<double> complexNumber(const std::string& name) const
    {
        return value(name).numbers.front();
    }
    [[nodiscard]] Eigen::ArrayXd numbers(const std::string& name) const;
    [[nodiscard]] const std::vector<std::complex<double>>& complexNumbers(const std::string& name) const
    {
        return value(name).numbers;
    }
    [[nodiscard]] const std::string& text(const std::string& name) const { return value(name).texts.front(); }
    [[nodiscard]] bool isList(const std::string& name) const { return value(name).list; }
    [[nodiscard]] const Practice& practice() const { return m_practice; }
    [[nodiscard]] bool wasRead(const std::string& name) const { return m_read.contains(name); }

private:
    [[nodiscard]] const CalcValue& value(const std::string& name) const
    {
        m_read.insert(name);
        return m_values.at(name);
    }

    std::map<std::string, CalcValue> m_values;
    const Practice& m_practice;
    mutable std::set<std::string> m_read{};
};

// Results in the order in which they are to be read.
class CalcResults {
public:
    CalcResults& set(std::string name, double value);
    CalcResults& set(std::string name, std::complex<double> value);
    CalcResults& set(std::string name, const Eigen::ArrayXd& values, bool list = true);
    CalcResults& set(std::string name, const Eigen::ArrayXcd& values, bool list = true);
    CalcResults& set(std::string name, std::string text);
    CalcResults& set(std::string name, std::vector<std::string> texts);
    CalcResults& setIf(std::string name, const std::optional<double>& value);

    [[nodiscard]] const std::vector<std::pair<std::string, CalcValue>>& values() const { return m_values; }
    [[nodiscard]] const CalcValue* find(const std::string& name) const;

private:
    std::vector<std::pair<std::string, CalcValue>> m_values{};
};

struct CalcModel {
    std::string section{};  // of the physics reference: "A6"
    std::string name{};     // plain, steady: "amplifier-power"
    std::string purpose{};
    std::string formula{};
    std::vector<CalcInput> inputs{};
    std::vector<std::string> outputs{};  // names, each ending in its unit; some may be absent from a result
    std::function<Outcome<CalcResults>(const CalcArguments&)> run{};
};

// All models, by section.
[[nodiscard]] const std::vector<CalcModel>& calcModels();

// By plain name, or by section. Where a section has several models, the one that knows all the given input names and
// gets all it needs. Nothing if there is none, or no single one.
[[nodiscard]] const CalcModel* findCalcModel(std::string_view nameOrSection, const std::vector<std::string>& given);

// The one checked entry of every model: unknown names, missing inputs, what is not finite, what is out of its range;
// then the model; then whether its results are finite.      warnings  "Unused(portQ)" and the like: given, but what
// else was given leaves it without a part in the results
[[nodiscard]] Outcome<CalcResults> calculate(const CalcModel& model, const std::map<std::string, CalcValue>& inputs,
                                             const Practice& practice);

[[nodiscard]] std::string_view textOf(ErrorCode code);

}  // namespace core
