#include "core/physics/measured_curve.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

// y at x, linear between rising samples, held beyond the ends.
double between(const Eigen::ArrayXd& xs, const Eigen::ArrayXd& ys, double x)
{
    const auto above = std::upper_bound(xs.begin(), xs.end(), x) - xs.begin();
    if (above == 0) return ys(0);
    if (above == xs.size()) return ys(xs.size() - 1);
    const double way = (x - xs(above - 1)) / (xs(above) - xs(above - 1));
    return ys(above - 1) + way * (ys(above) - ys(above - 1));
}

}  // namespace

Eigen::ArrayXd unwrapped_deg(const Eigen::ArrayXd& phase_deg)
{
    Eigen::ArrayXd unwrapped = phase_deg;
    for (Eigen::Index i = 1; i < unwrapped.size(); ++i)
        unwrapped(i) = unwrapped(i - 1) + std::remainder(unwrapped(i) - unwrapped(i - 1), 360.0);
    return unwrapped;
}

CurveReading readCurve(const MeasuredCurve& curve, const Eigen::ArrayXd& frequency_hz)
{
    assert(curve.frequency_hz.size() >= 1);
    const Eigen::ArrayXd known = curve.frequency_hz.log();
    const Eigen::ArrayXd phase = unwrapped_deg(curve.phase_deg);
    CurveReading reading{Eigen::ArrayXd(frequency_hz.size()), Eigen::ArrayXd(frequency_hz.size()), false};
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        const double x = std::log(frequency_hz(i));
        reading.outside |= x < known(0) - 1e-12 || x > known(known.size() - 1) + 1e-12;
        reading.magnitude(i) = between(known, curve.magnitude, x);
        reading.phase_deg(i) = between(known, phase, x);
    }
    return reading;
}

ImpedanceReading readImpedance(const MeasuredCurve& curve, const Eigen::ArrayXd& frequency_hz)
{
    MeasuredCurve logarithmic = curve;
    logarithmic.magnitude = curve.magnitude.log();
    const CurveReading reading = readCurve(logarithmic, frequency_hz);
    const Eigen::ArrayXd angle = reading.phase_deg * (std::numbers::pi / 180.0);
    ImpedanceReading result{Eigen::ArrayXcd(frequency_hz.size()), reading.outside};
    result.impedance_ohm.real() = reading.magnitude.exp() * angle.cos();
    result.impedance_ohm.imag() = reading.magnitude.exp() * angle.sin();
    return result;
}

}  // namespace core
