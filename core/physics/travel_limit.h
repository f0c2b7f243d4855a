#pragma once

#include <Eigen/Core>
#include <functional>
#include <optional>

namespace core {

// The sine voltage that just reaches Xmax: V_x = Xmax / x_peak(1 V), linear up to there.
// source  Small (1973); valid  small signal scaled by the voltage
[[nodiscard]] Eigen::ArrayXd travelVoltage_v(double xmax_m, const Eigen::ArrayXd& excursion_m_v);

using VoltageOverFrequency = std::function<double(double frequency_hz)>;

// Its least value between two frequencies and where.
struct LeastVoltage {
    double voltage_v = 0.0, at_hz = 0.0;
};
[[nodiscard]] LeastVoltage leastVoltage(const VoltageOverFrequency& voltage_v, double low_hz, double high_hz);

// f_safe: the lowest frequency above which the voltage stays clear of the amplifier's everywhere up to `high_hz`;
// none: it is never reached from low_hz on. Above the highest if even there travel is the limit.
[[nodiscard]] std::optional<double> safeFrom_hz(const VoltageOverFrequency& voltage_v, double amplifier_v,
                                                double low_hz, double high_hz);

}  // namespace core
