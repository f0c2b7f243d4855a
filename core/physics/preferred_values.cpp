#include "core/physics/preferred_values.h"

#include <array>
#include <cmath>
#include <functional>
#include <vector>

namespace core {
namespace {

constexpr std::array kE6{10, 15, 22, 33, 47, 68};
constexpr std::array kE12{10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82};
constexpr std::array kE24{10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30,
                          33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91};

constexpr std::array kR5{10, 16, 25, 40, 63};

// In hundredths, so that all are whole.
constexpr std::array kR20{100, 112, 125, 140, 160, 180, 200, 224, 250, 280,
                          315, 355, 400, 450, 500, 560, 630, 710, 800, 900};

constexpr double kTie = 1e-12;

double distance(double candidate, double value)
{
    return std::abs(std::log(candidate / value));
}

// Rising values from the decade below a number's own to the one above.
std::vector<double> valuesAround(double value, std::span<const int> ofDecade)
{
    const int decade = static_cast<int>(std::floor(std::log10(value)));
    std::vector<double> values;
    for (int exponent = decade - 1; exponent <= decade + 1; ++exponent) {
        for (const int digits : ofDecade)
            // Dividing by an exact power of ten gives the same double as typing the value would.
            values.push_back(exponent >= 1 ? digits * std::pow(10.0, exponent - 1)
                                           : digits / std::pow(10.0, 1 - exponent));
    }
    return values;
}

// Of values that rise, the one so many places from this number; between two of them the first step reaches the next.
double stepped(const std::function<std::vector<double>(double)>& around, double value, int steps)
{
    for (; steps != 0; steps += steps > 0 ? -1 : 1) {
        double next = 0.0;
        for (const double candidate : around(value)) {
            if (distance(candidate, value) <= kTie) continue;
            if (steps < 0 && candidate < value) next = candidate;
            if (steps > 0 && candidate > value && next == 0.0) next = candidate;
        }
        value = next;
    }
    return value;
}

}  // namespace

std::span<const int> preferredDecade(PreferredSeries series)
{
    switch (series) {
        case PreferredSeries::E6:
            return kE6;
        case PreferredSeries::E12:
            return kE12;
        case PreferredSeries::E24:
            return kE24;
    }
    return {};
}

Outcome<double> nearestPreferred(double value, PreferredSeries series)
{
    if (!std::isfinite(value)) return refuse(ErrorCode::NotFinite, "value", value, "finite");
    if (value <= 0.0) return refuse(ErrorCode::OutOfDomain, "value", value, "> 0");
    double best = 0.0;
    for (const double candidate : valuesAround(value, preferredDecade(series)))
        if (best == 0.0 || distance(candidate, value) < distance(best, value) - kTie) best = candidate;
    return Answer<double>{best, {}};
}

Outcome<double> preferredBelow(double value, PreferredSeries series)
{
    return preferredStep(value, series, -1);
}

Outcome<double> preferredStep(double value, PreferredSeries series, int steps)
{
    if (!std::isfinite(value)) return refuse(ErrorCode::NotFinite, "value", value, "finite");
    if (value <= 0.0) return refuse(ErrorCode::OutOfDomain, "value", value, "> 0");
    const auto around = [&](double at) { return valuesAround(at, preferredDecade(series)); };
    return Answer<double>{stepped(around, value, steps), {}};
}

Outcome<double> cornerStep(double frequency_hz, int steps)
{
    if (!std::isfinite(frequency_hz)) return refuse(ErrorCode::NotFinite, "frequency", frequency_hz, "finite");
    if (frequency_hz <= 0.0) return refuse(ErrorCode::OutOfDomain, "frequency", frequency_hz, "> 0");
    const auto around = [](double at_hz) {
        std::vector<double> values = valuesAround(at_hz, kR20);
        for (double& one_hz : values) one_hz /= 10.0;  // hundredths, not tenths
        return values;
    };
    return Answer<double>{stepped(around, frequency_hz, steps), {}};
}

Outcome<double> ratedVoltageFor(double least_v)
{
    if (!std::isfinite(least_v)) return refuse(ErrorCode::NotFinite, "value", least_v, "finite");
    if (least_v <= 0.0) return refuse(ErrorCode::OutOfDomain, "value", least_v, "> 0");
    double rated_v = 0.0;
    for (const double candidate : valuesAround(least_v, kR5))
        if (rated_v == 0.0 && (candidate >= least_v || distance(candidate, least_v) <= kTie)) rated_v = candidate;
    return Answer<double>{rated_v, {}};
}

Outcome<PreferredParts> preferredParts(double value, PreferredSeries series)
{
    constexpr double kGoodEnough = 0.03;
    const auto one = nearestPreferred(value, series);
    if (!one) return tl::unexpected(one.error());
    PreferredParts best{one->value, 0.0, one->value};
    if (std::abs(best.together / value - 1.0) <= kGoodEnough) return Answer<PreferredParts>{best, {}};
    // The smaller of two need not reach below the error that is left.
    for (const double first : valuesAround(value, preferredDecade(series))) {
        if (first >= value) continue;
        const auto second = nearestPreferred(value - first, series);
        if (!second || second->value > first) continue;
        const double together = first + second->value;
        if (distance(together, value) < distance(best.together, value) - kTie) best = {first, second->value, together};
    }
    return Answer<PreferredParts>{best, {}};
}

}  // namespace core
