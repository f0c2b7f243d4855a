#pragma once

#include <Eigen/Core>
#include <vector>

namespace core {

// What gives first when one turns up.
enum class Limit { Source, Heat, Travel };

// The largest clean voltage at each frequency, and which limit sets it.
struct CleanVoltage {
    Eigen::ArrayXd most_v{};
    std::vector<Limit> limit{};
};
[[nodiscard]] CleanVoltage unlimited(Eigen::Index count);
// Takes a limit in wherever it is the lower one.
void limitBy(CleanVoltage& clean, const Eigen::ArrayXd& voltage_v, Limit limit);

// The source voltage at which programme heats a coil to its limit: V_th / sqrt(2/10^(CF/10) mean of |A N|^2), the mean
// weighted by the programme over ln f.
// programme  weights that add up to 1 (spectrumWeights)
// passed2    |A N|^2, coil volts over source volts, squared
[[nodiscard]] double heatSourceVoltage_v(double coilLimit_v, double crestFactor_db, const Eigen::ArrayXd& programme,
                                         const Eigen::ArrayXd& passed2);

}  // namespace core
