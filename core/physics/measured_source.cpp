#include "core/physics/measured_source.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/level.h"
#include "core/physics/minimum_phase.h"
#include "core/physics/path.h"

namespace core {
namespace {

constexpr double kLowestJoint_hz = 300.0;

Eigen::ArrayXd steadyPhases_deg(const Eigen::ArrayXcd& values)
{
    return unwrapped_deg(values.unaryExpr([](const std::complex<double>& v) { return degreesOf(v); }));
}

}  // namespace

Eigen::ArrayXcd measuredPressure_pa_v(const MeasuredResponse& measured, const Eigen::ArrayXd& frequency_hz)
{
    MeasuredCurve curve = measured.curve;
    if (!curve.hasPhase && curve.frequency_hz.size() >= 2)
        curve.phase_deg = minimumPhase_deg(curve.frequency_hz, curve.magnitude);
    const CurveReading read = readCurve(curve, frequency_hz);
    const double scale = kReferencePressure_pa * measured.distance_m / measured.voltage_v;
    Eigen::ArrayXcd pressure(frequency_hz.size());
    for (Eigen::Index i = 0; i < pressure.size(); ++i)
        pressure(i) = std::polar(scale * ratioOf(read.magnitude(i)), read.phase_deg(i) * std::numbers::pi / 180.0);
    if (measured.curve.hasPhase && measured.flightInPhase)
        pressure *= flight(measured.distance_m, frequency_hz).conjugate();
    return pressure;
}

BlendedSource blended(const Eigen::ArrayXcd& model_pa_v, const Eigen::ArrayXcd& measured_pa_v, double lowest_hz,
                      double highest_hz, const Eigen::ArrayXd& frequency_hz)
{
    const double joint_hz = std::max(lowest_hz, kLowestJoint_hz);
    const double middle_hz = joint_hz * std::numbers::sqrt2;
    const Eigen::Index n = frequency_hz.size();
    BlendedSource out{model_pa_v, 0.0};
    if (joint_hz >= highest_hz || joint_hz >= frequency_hz(n - 1)) return out;
    const Eigen::ArrayXd ratio_db = 20.0 * (measured_pa_v.abs().max(1e-30) / model_pa_v.abs().max(1e-30)).log10();
    Eigen::ArrayXd turn_deg = steadyPhases_deg(measured_pa_v) - steadyPhases_deg(model_pa_v);
    Eigen::Index middle = 0, last = 0;
    (frequency_hz - middle_hz).abs().minCoeff(&middle);
    (frequency_hz - highest_hz).abs().minCoeff(&last);
    turn_deg -= turn_deg(middle) - wrappedDegrees(turn_deg(middle));  // the nearest whole turn
    for (Eigen::Index i = 0; i < n; ++i) {
        const double share = std::clamp(std::log2(frequency_hz(i) / joint_hz), 0.0, 1.0);
        if (share == 0.0) continue;
        const Eigen::Index at = std::min(i, last);
        out.pressure_pa_v(i) *=
            std::polar(ratioOf(share * ratio_db(at)), share * turn_deg(at) * std::numbers::pi / 180.0);
    }
    out.step_db = ratio_db(middle);
    return out;
}

}  // namespace core
