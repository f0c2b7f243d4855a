#include "core/physics/clean_voltage.h"

#include <algorithm>
#include <cmath>

#include "core/physics/programme.h"

namespace core {

CleanVoltage unlimited(Eigen::Index count)
{
    constexpr double kBeyondAll_v = 1e9;
    return {Eigen::ArrayXd::Constant(count, kBeyondAll_v),
            std::vector<Limit>(static_cast<size_t>(count), Limit::Source)};
}

void limitBy(CleanVoltage& clean, const Eigen::ArrayXd& voltage_v, Limit limit)
{
    for (Eigen::Index i = 0; i < voltage_v.size(); ++i) {
        if (voltage_v(i) >= clean.most_v(i)) continue;
        clean.most_v(i) = voltage_v(i);
        clean.limit[static_cast<size_t>(i)] = limit;
    }
}

double heatSourceVoltage_v(double coilLimit_v, double crestFactor_db, const Eigen::ArrayXd& programme,
                           const Eigen::ArrayXd& passed2)
{
    constexpr double kNothingPasses = 1e-12;
    const double mean = programmeShare(crestFactor_db) * (programme * passed2).sum();
    return coilLimit_v / std::sqrt(std::max(kNothingPasses, mean));
}

}  // namespace core
