#pragma once

#include <Eigen/Core>

#include "core/physics/measured_curve.h"

namespace core {

// A driver's own response, measured on axis at a voltage and a distance.
struct MeasuredResponse {
    MeasuredCurve curve{};  // dB re 20 uPa; without phase the minimum phase of its magnitude stands in
    double voltage_v = 1.0;
    double distance_m = 1.0;
    bool flightInPhase = false;  // the phase holds the flight over the distance
};

// Its pressure at 1 m per volt on these frequencies; the curve's end values are held outside it.
[[nodiscard]] Eigen::ArrayXcd measuredPressure_pa_v(const MeasuredResponse& measured,
                                                    const Eigen::ArrayXd& frequency_hz);

// The model up to fx, the measurement from 2 fx on, between them decibels and unwrapped phase linear in log2 f; fx the
// measurement's lowest frequency or 300 Hz, whichever is higher. Above the measurement's highest frequency the model
// goes on from there.
struct BlendedSource {
    Eigen::ArrayXcd pressure_pa_v{};
    double step_db = 0.0;  // measurement over model in the middle of the blend
};
[[nodiscard]] BlendedSource blended(const Eigen::ArrayXcd& model_pa_v, const Eigen::ArrayXcd& measured_pa_v,
                                    double lowest_hz, double highest_hz, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
