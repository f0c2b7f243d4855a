#include "core/physics/ladder.h"

#include <algorithm>
#include <cassert>
#include <numbers>

namespace core {
namespace {

// D(s) of the low-pass prototype, lowest power first, D(0) = 1.
std::vector<double> denominator(const FilterShape& shape)
{
    std::vector<double> product{1.0};
    for (const FilterSection& section : filterSections(shape)) {
        const double w = section.corner_ratio;
        const std::vector<double> factor =
            section.q == 0.0 ? std::vector{1.0, 1.0 / w} : std::vector{1.0, 1.0 / (w * section.q), 1.0 / (w * w)};
        std::vector<double> next(product.size() + factor.size() - 1, 0.0);
        for (size_t i = 0; i < product.size(); ++i)
            for (size_t k = 0; k < factor.size(); ++k) next[i + k] += product[i] * factor[k];
        product = std::move(next);
    }
    return product;
}

}  // namespace

std::vector<double> ladderCoefficients(const FilterShape& shape)
{
    const std::vector<double> polynomial = denominator(shape);
    const auto order = static_cast<int>(polynomial.size()) - 1;
    // The powers alternate between the higher part and the lower one; dividing takes the highest power off each time.
    std::vector<double> rest = polynomial;
    std::vector<double> fromLoad;
    for (int power = order; power >= 1; --power) {
        const auto top = static_cast<size_t>(power);
        const double quotient = rest[top] / rest[top - 1];
        fromLoad.push_back(quotient);
        for (int k = power; k >= 1; k -= 2) rest[static_cast<size_t>(k)] -= quotient * rest[static_cast<size_t>(k) - 1];
    }
    std::reverse(fromLoad.begin(), fromLoad.end());
    return fromLoad;
}

std::vector<LadderPart> ladder(const FilterShape& shape, FilterSide side, double corner_hz, double load_ohm)
{
    assert(corner_hz > 0.0 && load_ohm > 0.0);
    const double w0 = 2.0 * std::numbers::pi * corner_hz;
    std::vector<LadderPart> parts;
    bool series = true;
    for (const double g : ladderCoefficients(shape)) {
        const bool inductor = series == (side == FilterSide::LowPass);
        const double ratio = side == FilterSide::LowPass ? g : 1.0 / g;
        parts.push_back({series, inductor, ratio * (inductor ? load_ohm : 1.0 / load_ohm) / w0});
        series = !series;
    }
    return parts;
}

}  // namespace core
