#include "core/slate/slate.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/base/text.h"
#include "core/base/utf8.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"
#include "core/slate/named_line.h"

namespace core {
namespace {

bool takeMark(std::string_view& text, std::string_view mark)
{
    skipBlanks(text);
    if (!text.starts_with(mark)) return false;
    text.remove_prefix(mark.size());
    return true;
}

// ohms = term { '+' term };  term = factor { '||' factor };  factor = '(' ohms ')' | quantity
class OhmsExpression {
public:
    explicit OhmsExpression(std::string_view text) : m_text(text) {}

    Result<double> evaluate()
    {
        const auto sum = series();
        if (!sum) return sum;
        skipBlanks(m_text);
        if (!m_text.empty()) return refuseLine(fmt::format("'{}' is not understood here", beginningOf(m_text, 16)));
        return sum;
    }
    [[nodiscard]] const std::vector<TypedQuantity>& inputs() const { return m_inputs; }

private:
    static constexpr int kDeepest = 50;

    Result<double> series()
    {
        auto sum = parallel();
        while (sum && takeMark(m_text, "+")) {
            const auto next = parallel();
            if (!next) return next;
            *sum += *next;
        }
        return sum;
    }
    Result<double> parallel()
    {
        auto load = factor();
        while (load && takeMark(m_text, "||")) {
            const auto next = factor();
            if (!next) return next;
            *load = *load * *next / (*load + *next);
        }
        return load;
    }
    Result<double> factor()
    {
        if (takeMark(m_text, "(")) {
            if (++m_depth > kDeepest) return refuseLine("too many brackets");
            const auto inner = series();
            if (inner && !takeMark(m_text, ")")) return refuseLine("a bracket is not closed");
            --m_depth;
            return inner;
        }
        const auto quantity = scanQuantity(m_text);
        if (!quantity) return tl::unexpected(quantity.error());
        if (quantity->dimension != Dimension::Resistance && quantity->dimension != Dimension::Number)
            return refuseLine("only ohms can be put in series or in parallel");
        if (!(quantity->value > 0.0))
            return refuseLine(fmt::format("found {:g} ohm, expected more than 0", quantity->value));
        m_inputs.push_back({quantity->value, Dimension::Resistance});
        return quantity->value;
    }

    std::string_view m_text;
    std::vector<TypedQuantity> m_inputs{};
    int m_depth = 0;
};

// `3x4 ohm min 2`: n equal coils all in series and all in parallel, against the amplifier's stable minimum.
std::optional<Result<SlateAnswer>> severalCoils(std::string_view text)
{
    skipBlanks(text);
    size_t digits = 0;
    while (digits < text.size() && text[digits] >= '0' && text[digits] <= '9') ++digits;
    std::string_view rest = text.substr(digits);
    if (digits == 0 || digits > 2 || (!takeMark(rest, "x") && !takeMark(rest, "*"))) return std::nullopt;
    const int count = std::stoi(std::string(text.substr(0, digits)));
    const auto coil = scanQuantity(rest);
    if (!coil) return tl::unexpected(coil.error());
    std::optional<double> least;
    if (takeMark(rest, "min")) {
        const auto minimum = scanQuantity(rest);
        if (!minimum) return tl::unexpected(minimum.error());
        least = minimum->value;
    }
    skipBlanks(rest);
    const bool ohms = coil->dimension == Dimension::Resistance || coil->dimension == Dimension::Number;
    if (count < 1 || !ohms || !(coil->value > 0.0) || !rest.empty())
        return refuseLine("expected a number of coils and their ohms, such as 3x4 ohm min 2");
    SlateAnswer answer{.kind = SlateKind::SeveralCoils};
    answer.inputs = {{static_cast<double>(count), Dimension::Number}, {coil->value, Dimension::Resistance}};
    answer.results = {{SlateFigure::SeriesLoad_ohm, count * coil->value},
                      {SlateFigure::ParallelLoad_ohm, coil->value / count}};
    if (least) {
        answer.inputs.push_back({*least, Dimension::Resistance});
        const auto allowed = [&](double load) { return load >= *least * (1.0 - 1e-9) ? 1.0 : 0.0; };
        answer.results.push_back({SlateFigure::SeriesAllowed, allowed(count * coil->value)});
        answer.results.push_back({SlateFigure::ParallelAllowed, allowed(coil->value / count)});
    }
    return answer;
}

template <class T>
Result<double> unwrap(const Outcome<T>& outcome)
{
    if (outcome) return outcome->value;
    return refuseLine(fmt::format("{}: found {:g}, allowed {}", outcome.error().quantity, outcome.error().found,
                                  outcome.error().allowed));
}

Result<SlateAnswer> capacitorCorner(double capacitance_f, double load_ohm)
{
    const auto corner = unwrap(seriesCapacitorCorner_hz(capacitance_f, load_ohm));
    if (!corner) return tl::unexpected(corner.error());
    return SlateAnswer{SlateKind::CapacitorCorner,
                       {},
                       {{capacitance_f, Dimension::Capacitance}, {load_ohm, Dimension::Resistance}},
                       {{SlateFigure::Corner_hz, *corner}}};
}

Result<SlateAnswer> capacitorForCorner(double corner_hz, double load_ohm)
{
    const auto exact = unwrap(seriesCapacitance_f(corner_hz, load_ohm));
    if (!exact) return tl::unexpected(exact.error());
    SlateAnswer answer{SlateKind::CapacitorForCorner,
                       {},
                       {{corner_hz, Dimension::Frequency}, {load_ohm, Dimension::Resistance}},
                       {{SlateFigure::Capacitance_f, *exact}}};
    for (const auto& [figure, series] : {std::pair{SlateFigure::PreferredE6_f, PreferredSeries::E6},
                                         std::pair{SlateFigure::PreferredE12_f, PreferredSeries::E12},
                                         std::pair{SlateFigure::PreferredE24_f, PreferredSeries::E24}}) {
        const auto preferred = unwrap(nearestPreferred(*exact, series));
        if (!preferred) return tl::unexpected(preferred.error());
        answer.results.push_back({figure, *preferred});
    }
    return answer;
}

Result<SlateAnswer> powerIntoLoad(double power_w, double load_ohm)
{
    return SlateAnswer{SlateKind::PowerIntoLoad,
                       {},
                       {{power_w, Dimension::Power}, {load_ohm, Dimension::Resistance}},
                       {{SlateFigure::Voltage_v, std::sqrt(power_w * load_ohm)},
                        {SlateFigure::Current_a, std::sqrt(power_w / load_ohm)}}};
}

Result<SlateAnswer> voltageIntoLoad(double voltage_v, double load_ohm)
{
    return SlateAnswer{
        SlateKind::VoltageIntoLoad,
        {},
        {{voltage_v, Dimension::Voltage}, {load_ohm, Dimension::Resistance}},
        {{SlateFigure::Power_w, voltage_v * voltage_v / load_ohm}, {SlateFigure::Current_a, voltage_v / load_ohm}}};
}

// Two quantities side by side, in either order.
Result<SlateAnswer> pair(const TypedQuantity& first, const TypedQuantity& second)
{
    const TypedQuantity& load = first.dimension == Dimension::Resistance ? first : second;
    const TypedQuantity& other = first.dimension == Dimension::Resistance ? second : first;
    if (load.dimension != Dimension::Resistance) return refuseLine("expected ohms beside it, such as 68 uF 4 ohm");
    if (!(load.value > 0.0) || !(other.value > 0.0)) return refuseLine("both figures must be above 0");
    static constexpr std::pair<Dimension, Result<SlateAnswer> (*)(double, double)> kBesideOhms[] = {
        {Dimension::Capacitance, capacitorCorner},
        {Dimension::Frequency, capacitorForCorner},
        {Dimension::Power, powerIntoLoad},
        {Dimension::Voltage, voltageIntoLoad}};
    for (const auto& [dimension, answer] : kBesideOhms)
        if (dimension == other.dimension) return answer(other.value, load.value);
    return refuseLine("beside ohms, expected uF, Hz, W or V");
}

// All quantities of a line, in its order, and the word that follows them; nothing where it holds anything else.
struct PlainLine {
    std::vector<TypedQuantity> quantities{};
    std::string_view word{};
};
std::optional<PlainLine> plainLine(std::string_view text)
{
    PlainLine line;
    for (skipBlanks(text); !text.empty(); skipBlanks(text)) {
        const bool number = (text.front() >= '0' && text.front() <= '9') || text.front() == '.';
        if (!number) {
            line.word = text;
            break;
        }
        const auto quantity = scanQuantity(text);
        if (!quantity) return std::nullopt;
        line.quantities.push_back(*quantity);
    }
    return line;
}

// Lines whose units tell what is asked, whatever their order: amperes, a length and a cable are a drop, a length and
// the word hole a saw. As a line that names it; empty if it is none of these.
std::string namedByUnits(std::string_view text)
{
    const auto line = plainLine(text);
    if (!line) return {};
    const auto count = [&](Dimension dimension) {
        return std::count_if(line->quantities.begin(), line->quantities.end(),
                             [&](const TypedQuantity& one) { return one.dimension == dimension; });
    };
    const auto all = std::ssize(line->quantities);
    const bool cable = count(Dimension::Gauge) == 1 || count(Dimension::Area) == 1;
    if (all == 3 && cable && count(Dimension::Current) == 1 && count(Dimension::Length) == 1)
        return fmt::format("drop {}", text);
    if (all == 1 && count(Dimension::Length) == 1 && line->word == "hole")
        return fmt::format("saw {}", text.substr(0, text.rfind("hole")));
    return {};
}

Result<SlateAnswer> understand(std::string_view text, const Practice& practice)
{
    if (auto named = answerNamedLine(text, practice)) return std::move(*named);
    if (const std::string named = namedByUnits(text); !named.empty())
        return std::move(*answerNamedLine(named, practice));
    if (const size_t to = text.find(" to "); to != std::string_view::npos) {  // two powers: how much louder
        const std::string both = fmt::format("louder {} {}", text.substr(0, to), text.substr(to + 4));
        return std::move(*answerNamedLine(both, practice));
    }
    if (const size_t versus = text.find(" vs "); versus != std::string_view::npos) {  // two ways to one ear
        const std::string both = fmt::format("arrive {} {}", text.substr(0, versus), text.substr(versus + 4));
        return std::move(*answerNamedLine(both, practice));
    }
    if (auto coils = severalCoils(text)) return std::move(*coils);
    if (text.find("||") != std::string_view::npos || text.find('+') != std::string_view::npos) {
        OhmsExpression expression(text);
        const auto load = expression.evaluate();
        if (!load) return tl::unexpected(load.error());
        return SlateAnswer{SlateKind::SeriesParallel, {}, expression.inputs(), {{SlateFigure::Load_ohm, *load}}};
    }
    const auto first = scanQuantity(text);
    if (!first) return tl::unexpected(first.error());
    skipBlanks(text);
    if (text.empty()) {
        if (first->dimension == Dimension::Number)
            return refuseLine("a bare number says nothing; give it a unit, such as 68 uF 4 ohm");
        return SlateAnswer{SlateKind::Conversion, {}, {*first}, {{SlateFigure::Value, first->value}}};
    }
    const auto second = scanQuantity(text);
    if (!second) return tl::unexpected(second.error());
    skipBlanks(text);
    if (!text.empty()) return refuseLine(fmt::format("'{}' is not understood here", beginningOf(text, 16)));
    return pair(*first, *second);
}

}  // namespace

Result<SlateAnswer> slate(std::string_view text, const Practice& practice)
{
    constexpr size_t kLongest = 400;
    if (text.size() > kLongest) return refuseLine("the line is too long");
    auto answer = understand(text, practice);
    if (!answer) {
        InputError error = answer.error();
        error.file = "slate";
        return tl::unexpected(error);
    }
    for (const SlateResult& result : answer->results)
        if (!std::isfinite(result.value)) return refuseLine("the result is too large");
    answer->text = text;
    return answer;
}

}  // namespace core
