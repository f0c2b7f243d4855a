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

}  // namespace core
