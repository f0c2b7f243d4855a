#pragma once

#include <Eigen/Core>
#include <vector>

#include "core/physics/network.h"

namespace core {

// What one part of a network has to bear, per volt and per square volt of the source: scale by the amplifier's voltage.
// The source's own filters count in as a gain.
struct PartStress {
    size_t element = 0;
    double voltage_v_v = 0.0, voltageAt_hz = 0.0;  // largest across it, and where
    double current_a_v = 0.0, currentAt_hz = 0.0;
    double sine_w_v2 = 0.0, sineAt_hz = 0.0;  // heat of the worst sine; 0 where the part takes no power
    double programme_w_v2 = 0.0;              // mean over the programme's spectrum, of a full-scale sine's scale
};

// programme = integral(w p dln f) / integral(w dln f), p the power per square volt; times V^2 and 2 / 10^(CF/10) it is
// the mean power of programme with crest factor CF that just touches the limit V.
// weight, gain  n values each, as the solution's frequencies; weights of the programme that add up to 1
[[nodiscard]] PartStress partStress(const Network& network, const NetworkSolution& solution, size_t element,
                                    const Eigen::ArrayXd& weight, const Eigen::ArrayXd& gain);

// Margins by which parts are bought. Common practice, no source.
struct StressMargins {
    double programme_ratio = 2.0;  // resistor rating over programme mean
    double sine_ratio = 0.25;      // and over the worst sine
    double voltage_ratio = 1.5;    // capacitor's direct-voltage rating over the largest peak
};
[[nodiscard]] double resistorRating_w(double programme_w, double sine_w, const StressMargins& margins);
[[nodiscard]] double capacitorRating_v(double rms_v, const StressMargins& margins);
[[nodiscard]] double saturationCurrent_a(double rms_a);

}  // namespace core
