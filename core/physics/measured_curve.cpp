#include "core/physics/measured_curve.h"

#include <cassert>
#include <cmath>
#include <numbers>

#include "core/base/log_interpolation.h"

namespace core {
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
    const Eigen::ArrayXd& known_hz = curve.frequency_hz;
    const Eigen::ArrayXd phase = unwrapped_deg(curve.phase_deg);
    CurveReading reading{Eigen::ArrayXd(frequency_hz.size()), Eigen::ArrayXd(frequency_hz.size()), false};
    const auto count = static_cast<size_t>(known_hz.size());
    const auto of = [](const Eigen::ArrayXd& values) {
        return [&values](size_t i) { return values(static_cast<Eigen::Index>(i)); };
    };
    constexpr double kSlack = 1e-12;
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        const double f = frequency_hz(i);
        reading.outside |= f < known_hz(0) * (1.0 - kSlack) || f > known_hz(known_hz.size() - 1) * (1.0 + kSlack);
        const LogPosition at = positionInLog(count, of(known_hz), f);
        reading.magnitude(i) = at.of(of(curve.magnitude));
        reading.phase_deg(i) = at.of(of(phase));
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
