#include "core/design/shelf_facts.h"

#include <cmath>
#include <vector>

// takes the roots of <cmath> for granted
#include <boost/math/statistics/bivariate_statistics.hpp>

namespace core {

std::optional<ShelfCorrelation> correlation(const Shelf& shelf, Quantity a, Quantity b)
{
    std::vector<double> first, second;
    for (const Part& part : shelf.parts) {
        const auto x = valueOf(part.figures, a), y = valueOf(part.figures, b);
        if (part.kind != PartKind::Driver || !x || !y) continue;
        first.push_back(*x);
        second.push_back(*y);
    }
    if (first.size() < 3) return std::nullopt;
    const double r = boost::math::statistics::correlation_coefficient(first, second);
    if (!std::isfinite(r)) return std::nullopt;
    return ShelfCorrelation{r, static_cast<int>(first.size())};
}

const Part* articleFor(const Part& made, const Shelf& shelf)
{
    constexpr double kSame = 0.02;
    const std::string name = firstOf(made, ElementKind::Capacitor);
    if (made.kind != PartKind::Network || made.inside.size() != 1 || name.empty()) return nullptr;
    const auto wanted_f = valueOf(figuresOf(made, name), Quantity::Capacitance_f);
    const Part* best = nullptr;
    const auto price = [](const Part& part) { return valueOf(part.figures, Quantity::Price).value_or(0.0); };
    for (const Part* part : shelf.of(PartKind::Network)) {
        const auto has_f = valueOf(part->figures, Quantity::Capacitance_f);
        if (!wanted_f || !has_f || part->inside.size() != 1 || std::abs(*has_f / *wanted_f - 1.0) > kSame) continue;
        if (!best || price(*part) < price(*best)) best = part;
    }
    return best;
}

}  // namespace core
