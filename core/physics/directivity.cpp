#include "core/physics/directivity.h"

#include <algorithm>
#include <boost/math/special_functions/bessel.hpp>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {
namespace {

using std::numbers::pi;

constexpr double kSeriesUpTo = 8.0;                   // there its largest term is 28, so fourteen digits are left
constexpr int kSeriesTerms = 24;                      // and the next one is below 1e-17
constexpr double kHalfPressure = 2.2150893677242327;  // 2 J1(x)/x = 1/2

// 2 J1(x) / x = sum over m of (-x^2/4)^m / (m! (m+1)!), by Horner.
Eigen::ArrayXd series(const Eigen::ArrayXd& x)
{
    const Eigen::ArrayXd q = -0.25 * x.square();
    Eigen::ArrayXd sum = Eigen::ArrayXd::Ones(x.size());
    for (int m = kSeriesTerms; m >= 1; --m) sum = 1.0 + sum * q * (1.0 / (m * (m + 1.0)));
    return sum;
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
    Eigen::ArrayXd d = series(x.min(kSeriesUpTo));
    for (Eigen::Index i = 0; i < x.size(); ++i)
        if (x(i) > kSeriesUpTo) d(i) = 2.0 * boost::math::cyl_bessel_j(1, x(i)) / x(i);
    return d;
}

double pistonArgument(double radius_m, double angle_rad, double frequency_hz)
{
    return wavenumber(frequency_hz) * radius_m * heldSine(angle_rad);
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
