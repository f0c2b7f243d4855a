#include "core/physics/directivity.h"

#include <algorithm>
#include <array>
#include <boost/math/special_functions/bessel.hpp>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {
namespace {

using std::numbers::pi;

constexpr double kHalfPressure = 2.2150893677242327;  // 2 J1(x)/x = 1/2

// So many terms of the series that the next one is below 1e-17; at x = 8 its largest is 28, so fourteen digits are
// left.
struct SeriesLength {
    double upTo = 0.0;
    int terms = 0;
};
constexpr std::array<SeriesLength, 4> kSeries{{{0.5, 7}, {2.0, 11}, {4.0, 15}, {8.0, 22}}};
constexpr double kSeriesUpTo = kSeries.back().upTo;

constexpr Eigen::Index kBlock = 32;  // neighbours on a grid need about as many terms
using Block = Eigen::Array<double, Eigen::Dynamic, 1, Eigen::ColMajor, kBlock, 1>;

// 2 J1(x) / x = sum over m of (-x^2/4)^m / (m! (m+1)!), by Horner.
Block series(const Block& x)
{
    const double most = x.maxCoeff();
    const SeriesLength* length = kSeries.data();
    while (length->upTo < most) ++length;
    const Block q = -0.25 * x.square();
    Block sum = Block::Ones(x.size());
    for (int m = length->terms; m >= 1; --m) sum = 1.0 + sum * q * (1.0 / (m * (m + 1.0)));
    return sum;
}

double byBessel(double x)
{
    using InDouble = boost::math::policies::policy<boost::math::policies::promote_double<false>>;
    return 2.0 * boost::math::cyl_bessel_j(1, x, InDouble{}) / x;
}

double wavenumber(double frequency_hz)
{
    return 2.0 * pi * frequency_hz / kSoundSpeed_m_s;
}

double heldSine(double angle_rad)
{
    return std::sin(std::min(std::abs(angle_rad), 0.5 * pi));
}

}  // namespace

double pistonDirectivity(double x)
{
    return pistonDirectivity(Eigen::ArrayXd::Constant(1, x))(0);
}

Eigen::ArrayXd pistonDirectivity(const Eigen::ArrayXd& x)
{
    Eigen::ArrayXd d(x.size());
    for (Eigen::Index start = 0; start < x.size(); start += kBlock) {
        const Eigen::Index size = std::min(kBlock, x.size() - start);
        const Block block = x.segment(start, size);
        if (block.minCoeff() <= kSeriesUpTo) d.segment(start, size) = series(block.min(kSeriesUpTo));
        for (Eigen::Index i = 0; i < size; ++i)
            if (block(i) > kSeriesUpTo) d(start + i) = byBessel(block(i));
    }
    return d;
}

double pistonArgument(double radius_m, double angle_rad, double frequency_hz)
{
    return wavenumber(frequency_hz) * radius_m * heldSine(angle_rad);
}

double pistonLoss_db(double radius_m, double angle_rad, double frequency_hz)
{
    const double d = std::abs(pistonDirectivity(pistonArgument(radius_m, angle_rad, frequency_hz)));
    return d > 0.0 ? std::min(-kLowestReadOut_db, -decibels(d)) : -kLowestReadOut_db;
}

double ovalArgument(const OvalPiston& oval, double angle_rad, double phi_rad, double frequency_hz)
{
    return wavenumber(frequency_hz) * heldSine(angle_rad) *
           std::hypot(oval.alongAx_m * std::cos(phi_rad), oval.alongAy_m * std::sin(phi_rad));
}

double halfPressure_hz(double radius_m, double angle_rad)
{
    return kHalfPressure * kSoundSpeed_m_s / (2.0 * pi * radius_m * heldSine(angle_rad));
}

double beaming_hz(double radius_m)
{
    return halfPressure_hz(radius_m, 0.25 * pi);
}

double directivityIndex_db(double radius_m, double frequency_hz)
{
    const double ka = wavenumber(frequency_hz) * radius_m;
    // 1 - J1(2ka)/ka = 1 - D(2ka): for small ka it is (ka)^2 / 2
    const double lost = 1.0 - pistonDirectivity(2.0 * ka);
    return ka < 1e-4 ? powerDecibels(2.0) : powerDecibels(ka * ka / lost);
}

}  // namespace core
