#include "core/physics/preferred_values.h"

#include <array>
#include <cmath>

namespace core {
namespace {

constexpr std::array kE6{10, 15, 22, 33, 47, 68};
constexpr std::array kE12{10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82};
constexpr std::array kE24{10, 11, 12, 13, 15, 16, 18, 20, 22, 24, 27, 30,
                          33, 36, 39, 43, 47, 51, 56, 62, 68, 75, 82, 91};

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
    if (!std::isfinite(value)) return tl::unexpected(ModelError{ErrorCode::NotFinite, "value", value, "finite"});
    if (value <= 0.0) return tl::unexpected(ModelError{ErrorCode::OutOfDomain, "value", value, "> 0"});
    const int decade = static_cast<int>(std::floor(std::log10(value)));
    double best = 0.0;
    for (int exponent = decade - 1; exponent <= decade + 1; ++exponent) {
        for (const int digits : preferredDecade(series)) {
            // Dividing by an exact power of ten gives the same double as typing the value would.
            const double scaled =
                exponent >= 1 ? digits * std::pow(10.0, exponent - 1) : digits / std::pow(10.0, 1 - exponent);
            if (best == 0.0 || std::abs(std::log(scaled / value)) < std::abs(std::log(best / value)) - 1e-12)
                best = scaled;
        }
    }
    return Answer<double>{best, {}};
}

}  // namespace core
