#include "core/evaluate/loaded_curve.h"

namespace core {
namespace {

Eigen::ArrayXd array(const std::vector<double>& values)
{
    return Eigen::Map<const Eigen::ArrayXd>(values.data(), std::ssize(values));
}

}  // namespace

MeasuredResponse measuredResponse(const Curve& curve)
{
    MeasuredResponse measured;
    measured.curve.frequency_hz = array(curve.frequency_hz);
    measured.curve.magnitude = array(curve.level_db);
    measured.curve.hasPhase = !curve.phase_deg.empty();
    measured.curve.phase_deg =
        measured.curve.hasPhase ? array(curve.phase_deg) : Eigen::ArrayXd::Zero(std::ssize(curve.level_db)).eval();
    measured.voltage_v = curve.voltage_v;
    measured.distance_m = curve.kind == CurveKind::Response ? curve.distance_m : 1.0;
    measured.flightInPhase = curve.flightInPhase;
    return measured;
}

}  // namespace core
