#include "core/slate/named_line.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>
#include <set>

#include "core/base/text.h"
#include "core/base/utf8.h"
#include "core/calc/calc_model.h"
#include "core/slate/line_tables.h"

namespace core {

tl::unexpected<InputError> refuseLine(const std::string& message)
{
    return tl::unexpected(InputError{"slate", {}, message});
}

namespace {

bool isWordCharacter(char c)
{
    return isLetter(c) || isDigit(c) || c == '\'';
}

// The word at the front, in lower case; empty if a number stands there.
std::string wordAt(std::string_view text)
{
    if (text.empty() || (text.front() >= '0' && text.front() <= '9')) return {};
    std::string word;
    for (const char c : text) {
        if (!isWordCharacter(c)) break;
        word += c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
    }
    return word;
}

// lr4, b3, bessel2: family and order of a filter.
std::optional<std::pair<std::string, double>> filterWord(const std::string& word)
{
    const std::pair<std::string_view, const char*> families[] = {
        {"lr", "linkwitzRiley"}, {"bessel", "bessel"}, {"b", "butterworth"}};
    for (const auto& [start, family] : families) {
        if (!word.starts_with(start) || word.size() != start.size() + 1) continue;
        if (word.back() >= '1' && word.back() <= '8') return std::pair(std::string(family), double(word.back() - '0'));
    }
    return std::nullopt;
}

class LineReader {
public:
    LineReader(const NamedLine& line, std::string_view rest)
        : m_line(line), m_model(*findCalcModel(line.model, {})), m_rest(rest)
    {
    }

    Result<SlateAnswer> read(const Practice& practice)
    {
        for (skipBlanks(m_rest); !m_rest.empty(); skipBlanks(m_rest))
            if (const auto error = token()) return tl::unexpected(*error);
        const auto answer = calculate(m_model, m_inputs, practice);
        if (!answer) return refuseLine(textOf(answer.error()));
        SlateAnswer slate{.kind = SlateKind::Named, .inputs = m_typed};
        NamedResult& named = slate.named;
        named.model = m_model.name;
        named.formula = m_model.formula;
        named.symbols = m_symbols;
        named.warnings = answer->warnings;
        named.usual = usualValues(practice);
        for (const std::string_view shown : m_line.shown)
            if (const CalcValue* value = answer->value.find(std::string(shown)))
                named.results.emplace_back(std::string(shown), *value);
        return slate;
    }

private:
    using Error = std::optional<InputError>;

    // Defaults of the model that stand for quantities one could have typed.
    [[nodiscard]] std::vector<std::pair<std::string, TypedQuantity>> usualValues(const Practice& practice) const
    {
        std::vector<std::pair<std::string, TypedQuantity>> usual;
        for (const LineInput& line : m_line.inputs) {
            if (m_inputs.contains(std::string(line.input))) continue;
            for (const CalcInput& input : m_model.inputs) {
                if (input.name != line.input || (!input.usual && !input.practice)) continue;
                const double value = input.practice ? practice[*input.practice] : *input.usual;
                usual.emplace_back(std::string(line.symbol), TypedQuantity{value, line.dimension});
            }
        }
        return usual;
    }

    Error wrong(const std::string& found) const
    {
        return InputError{"slate", {}, fmt::format("'{}' is not understood here; such as: {}", found, m_line.example)};
    }
    [[nodiscard]] std::string textOf(const ModelError& error) const
    {
        if (error.code == ErrorCode::Underdetermined)
            return fmt::format("{} is missing; such as: {}", error.quantity, m_line.example);
        if (!hasFound(error.code)) return fmt::format("{}: expected {}", error.quantity, error.allowed);
        return fmt::format("{}: found {:g}, expected {}", error.quantity, error.found, error.allowed);
    }

    Error token()
    {
        const std::string word = wordAt(m_rest);
        if (word.empty()) return quantity(nullptr);
        const std::string_view before = m_rest;
        m_rest.remove_prefix(word.size());
        for (const LineInput& input : m_line.inputs)
            if (!input.keyword.empty() && input.keyword == word) return quantity(&input);
        if (word == "class") {  // class d: its letter stands for the kind of output stage
            skipBlanks(m_rest);
            const std::string letter = wordAt(m_rest);
            if (takes("stage") && (letter == "d" || letter == "ab" || letter == "h")) {
                m_rest.remove_prefix(letter.size());
                if (letter != "ab") m_inputs["stage"] = CalcValue{.texts = {letter == "d" ? "switching" : "twoRail"}};
                return std::nullopt;
            }
        }
        for (const LineWord& choice : m_line.words) {
            if (choice.word != word) continue;
            if (choice.choice == "1")
                m_inputs[std::string(choice.input)] = CalcValue{.numbers = {1.0}};
            else
                m_inputs[std::string(choice.input)] = CalcValue{.texts = {std::string(choice.choice)}};
            return std::nullopt;
        }
        if (const auto filter = filterWord(word); filter && takes("family")) {
            m_inputs["family"] = CalcValue{.texts = {filter->first}};
            m_inputs["order"] = CalcValue{.numbers = {filter->second}};
            return std::nullopt;
        }
        return wrong(beginningOf(before, 16));
    }

    [[nodiscard]] bool takes(const std::string& name) const
    {
        return std::any_of(m_model.inputs.begin(), m_model.inputs.end(),
                           [&](const CalcInput& input) { return input.name == name; });
    }

    // A quantity for the input named by a keyword, or for the first free one of its dimension. A bare number takes the
    // keyword's unit, or that of the quantity before it: coils 4 4 8 ohm.
    Error quantity(const LineInput* wanted)
    {
        skipBlanks(m_rest);
        const auto typed = scanQuantity(m_rest);
        if (!typed) return typed.error();
        const LineInput* input = wanted;
        TypedQuantity value = *typed;
        if (input) {
            if (value.dimension == Dimension::Number) value.dimension = input->dimension;
            if (value.dimension != input->dimension) return wrong(std::string(input->keyword));
        } else {
            input = freeInput(value.dimension);
            if (!input && value.dimension == Dimension::Number) {
                input = listInput();
                if (input) value.dimension = input->dimension;
            }
        }
        if (!input) return wrong(fmt::format("{:g}", value.value));
        CalcValue& into = m_inputs[std::string(input->input)];
        into.numbers.emplace_back(value.value);
        into.list = input->list;
        m_used.insert(input);
        m_typed.push_back(value);
        m_symbols.emplace_back(input->symbol);
        return std::nullopt;
    }

    [[nodiscard]] const LineInput* freeInput(Dimension dimension) const
    {
        for (const LineInput& input : m_line.inputs)
            if (input.keyword.empty() && input.dimension == dimension && (input.list || !m_used.contains(&input)))
                return &input;
        return nullptr;
    }
    [[nodiscard]] const LineInput* listInput() const
    {
        for (const LineInput& input : m_line.inputs)
            if (input.list) return &input;
        return nullptr;
    }

    const NamedLine& m_line;
    const CalcModel& m_model;
    std::string_view m_rest;
    std::map<std::string, CalcValue> m_inputs{};
    std::set<const LineInput*> m_used{};
    std::vector<TypedQuantity> m_typed{};
    std::vector<std::string> m_symbols{};
};

}  // namespace

const std::vector<NamedLine>& namedLines()
{
    static const std::vector<NamedLine> kLines = [] {
        std::vector<NamedLine> all = electricalLines();
        all.insert(all.end(), acousticLines().begin(), acousticLines().end());
        all.insert(all.end(), fitLines().begin(), fitLines().end());
        return all;
    }();
    return kLines;
}

std::optional<Result<SlateAnswer>> answerNamedLine(std::string_view text, const Practice& practice)
{
    skipBlanks(text);
    const std::string word = wordAt(text);
    if (word == "help") return SlateAnswer{.kind = SlateKind::Help};
    for (const NamedLine& line : namedLines())
        if (std::find(line.names.begin(), line.names.end(), word) != line.names.end())
            return LineReader(line, text.substr(word.size())).read(practice);
    return std::nullopt;
}

}  // namespace core
