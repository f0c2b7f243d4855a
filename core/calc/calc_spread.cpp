#include "core/calc/calc_spread.h"

#include <cmath>

#include "core/base/unit.h"

namespace core {
namespace {

// Signed by nature, whatever the value at hand: levels and phases.
bool isSigned(const std::string& name, double value)
{
    const std::string_view unit = unitOfName(name);
    return unit.starts_with("dB") || unit == "deg" || unit == "degC" || value <= 0.0;
}

bool isOneRealNumber(const CalcValue& value)
{
    return value.numbers.size() == 1 && value.numbers.front().imag() == 0.0;
}

}  // namespace

Outcome<std::vector<ResultSpread>> resultSpread(const CalcModel& model, const std::map<std::string, CalcValue>& inputs,
                                                const std::map<std::string, double>& relative, const Practice& practice)
{
    const auto middle = calculate(model, inputs, practice);
    if (!middle) return tl::unexpected(middle.error());
    Answer<std::vector<ResultSpread>> answer;
    for (const auto& [name, value] : middle->value.values())
        if (isOneRealNumber(value)) {
            const double y = value.numbers.front().real();
            answer.value.push_back({name, 0.0, !isSigned(name, y)});
        }
    for (const auto& [name, u] : relative) {
        const auto input = inputs.find(name);
        if (input == inputs.end()) return refuse(ErrorCode::UnknownName, name, 0.0, "a number that is given");
        if (!std::isfinite(u)) return refuse(ErrorCode::NotFinite, name, u, "finite");
        if (u < 0.0) return refuse(ErrorCode::OutOfDomain, name, u, ">= 0");
        constexpr double kStep = 0.001;
        auto up = inputs, down = inputs;
        for (std::complex<double>& number : up[name].numbers) number *= 1.0 + kStep;
        for (std::complex<double>& number : down[name].numbers) number *= 1.0 - kStep;
        const auto above = calculate(model, up, practice);
        if (!above) return tl::unexpected(above.error());
        const auto below = calculate(model, down, practice);
        if (!below) return tl::unexpected(below.error());
        for (ResultSpread& spread : answer.value) {
            const CalcValue* high = above->value.find(spread.name);
            const CalcValue* low = below->value.find(spread.name);
            if (!high || !low) continue;
            const double slope = (high->numbers.front().real() - low->numbers.front().real()) / (2.0 * kStep);
            const double y = middle->value.find(spread.name)->numbers.front().real();
            spread.value = std::hypot(spread.value, (spread.relative ? slope / y : slope) * u);
        }
    }
    return answer;
}

}  // namespace core
