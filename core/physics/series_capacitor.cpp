#include "core/physics/series_capacitor.h"

#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>
#include <cstdint>
#include <numbers>
#include <optional>

namespace core {
namespace {

std::optional<ModelError> checkPositive(double value, const char* name)
{
    if (!std::isfinite(value)) return ModelError{ErrorCode::NotFinite, name, value, "finite"};
    if (value <= 0.0) return ModelError{ErrorCode::OutOfDomain, name, value, "> 0"};
    return std::nullopt;
}

Outcome<double> reciprocalOfProduct(double first, const char* firstName, double second, const char* secondName)
{
    if (const auto error = checkPositive(first, firstName)) return tl::unexpected(*error);
    if (const auto error = checkPositive(second, secondName)) return tl::unexpected(*error);
    const double result = 1.0 / (2.0 * std::numbers::pi * first * second);
    if (!std::isfinite(result))
        return tl::unexpected(
            ModelError{ErrorCode::OutOfDomain, firstName, first, "of a size that gives a finite result"});
    return Answer<double>{result, {}};
}

}  // namespace

Outcome<double> seriesCapacitorCorner_hz(double capacitance_f, double resistance_ohm)
{
    return reciprocalOfProduct(capacitance_f, "capacitance_f", resistance_ohm, "resistance_ohm");
}

Outcome<double> seriesCapacitance_f(double corner_hz, double resistance_ohm)
{
    return reciprocalOfProduct(corner_hz, "corner_hz", resistance_ohm, "resistance_ohm");
}

std::vector<double> halfPowerCrossings_hz(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& magnitude,
                                          const std::function<double(double frequency_hz)>& magnitudeAt)
{
    constexpr double kHalfPower = std::numbers::sqrt2 / 2.0;
    std::vector<double> crossings;
    for (Eigen::Index i = frequency_hz.size() - 1; i > 0; --i) {
        if ((magnitude(i) >= kHalfPower) == (magnitude(i - 1) >= kHalfPower)) continue;
        std::uintmax_t mostSteps = 60;
        const auto tolerance = [](double low, double high) { return high - low <= 1e-9 * low; };
        const auto difference = [&](double f) { return magnitudeAt(f) - kHalfPower; };
        const auto [low, high] = boost::math::tools::toms748_solve(difference, frequency_hz(i - 1), frequency_hz(i),
                                                                   magnitude(i - 1) - kHalfPower,
                                                                   magnitude(i) - kHalfPower, tolerance, mostSteps);
        crossings.push_back(0.5 * (low + high));
    }
    return crossings;
}

}  // namespace core
