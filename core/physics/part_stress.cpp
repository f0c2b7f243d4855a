#include "core/physics/part_stress.h"

#include <algorithm>
#include <numbers>

namespace core {

PartStress partStress(const Network& network, const NetworkSolution& solution, size_t element,
                      const Eigen::ArrayXd& weight, const Eigen::ArrayXd& gain)
{
    const Eigen::ArrayXcd across_v = gain * elementVoltage_v(network, solution, element);
    const Eigen::ArrayXcd through_a = gain * elementCurrent_a(network, solution, element);
    const bool heats = network.elements[element].kind == NetworkKind::Resistor;
    const Eigen::ArrayXd power_w =
        heats ? (across_v * through_a.conjugate()).real().eval() : Eigen::ArrayXd::Zero(across_v.size()).eval();
    PartStress stress{.element = element};
    Eigen::Index at = 0;
    stress.voltage_v_v = across_v.abs().maxCoeff(&at);
    stress.voltageAt_hz = solution.frequency_hz(at);
    stress.current_a_v = through_a.abs().maxCoeff(&at);
    stress.currentAt_hz = solution.frequency_hz(at);
    stress.sine_w_v2 = power_w.maxCoeff(&at);
    stress.sineAt_hz = solution.frequency_hz(at);
    stress.programme_w_v2 = (weight * power_w).sum();
    return stress;
}

double resistorRating_w(double programme_w, double sine_w, const StressMargins& margins)
{
    return std::max(margins.programme_ratio * programme_w, margins.sine_ratio * sine_w);
}

double capacitorRating_v(double rms_v, const StressMargins& margins)
{
    return margins.voltage_ratio * std::numbers::sqrt2 * rms_v;
}

double saturationCurrent_a(double rms_a)
{
    return std::numbers::sqrt2 * rms_a;
}

}  // namespace core
