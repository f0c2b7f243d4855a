#include "core/physics/leg_sum.h"

#include <algorithm>
#include <boost/math/tools/minima.hpp>
#include <cmath>
#include <cstdint>

#include "core/physics/air.h"
#include "core/physics/equaliser.h"
#include "core/physics/level.h"

namespace core {
namespace {

Eigen::ArrayXd sumSquares(const CrossoverLegs& legs, const Eigen::ArrayXd& frequency_hz, bool inverted)
{
    const Eigen::ArrayXcd low = filterResponse(legs.low, FilterSide::LowPass, legs.lowCorner_hz, frequency_hz);
    const Eigen::ArrayXcd high = filterResponse(legs.high, FilterSide::HighPass, legs.highCorner_hz, frequency_hz) *
                                 delayResponse(legs.pathDifference_m / kSoundSpeed_m_s, frequency_hz);
    return (low + (inverted ? -1.0 : 1.0) * high).abs2();
}

}  // namespace

LegPoint legsAt(const CrossoverLegs& legs, double frequency_hz)
{
    const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, frequency_hz);
    LegPoint point;
    point.low = filterResponse(legs.low, FilterSide::LowPass, legs.lowCorner_hz, at)(0);
    point.high = filterResponse(legs.high, FilterSide::HighPass, legs.highCorner_hz, at)(0) *
                 delayResponse(legs.pathDifference_m / kSoundSpeed_m_s, at)(0);
    point.difference_deg = degreesOf(point.high / point.low);
    point.same = point.low + point.high;
    point.inverted = point.low - point.high;
    return point;
}

double largestSum_db(const CrossoverLegs& legs, bool inverted)
{
    constexpr Eigen::Index kSamples = 601;
    const double middle = std::log(std::sqrt(legs.lowCorner_hz * legs.highCorner_hz));
    const double reach = 1.5 * std::log(10.0);
    const Eigen::ArrayXd x = Eigen::ArrayXd::LinSpaced(kSamples, middle - reach, middle + reach);
    Eigen::Index top = 0;
    double best = sumSquares(legs, x.exp(), inverted).maxCoeff(&top);
    if (top > 0 && top + 1 < kSamples) {
        std::uintmax_t mostSteps = 100;
        const auto negative = [&](double at) {
            return -sumSquares(legs, Eigen::ArrayXd::Constant(1, std::exp(at)), inverted)(0);
        };
        const auto found = boost::math::tools::brent_find_minima(negative, x(top - 1), x(top + 1), 40, mostSteps);
        best = std::max(best, -found.second);
    }
    return powerDecibels(best);
}

std::optional<PolarityRule> polarityRule(const CrossoverLegs& legs)
{
    if (!(legs.low == legs.high) || legs.lowCorner_hz != legs.highCorner_hz || legs.pathDifference_m != 0.0)
        return std::nullopt;
    const int order = legs.low.order;
    if (legs.low.family == FilterFamily::Bessel) return std::nullopt;
    if (order % 2 == 1) return PolarityRule::Either;
    return order / 2 % 2 == 1 ? PolarityRule::Invert : PolarityRule::Same;
}

}  // namespace core
