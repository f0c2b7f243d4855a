#include "core/physics/reflection.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "core/physics/air.h"
#include "core/physics/level.h"
#include "core/physics/path.h"

namespace core {

Eigen::ArrayXd absorptionAt(std::span<const double> octaves, const Eigen::ArrayXd& frequency_hz)
{
    assert(!octaves.empty());
    constexpr double kFirst_hz = 125.0;
    const auto last = static_cast<double>(octaves.size() - 1);
    return frequency_hz.unaryExpr([&](double f) {
        const double at = std::clamp(std::log2(f / kFirst_hz), 0.0, last);
        const auto below = std::min(static_cast<size_t>(at), octaves.size() - 1);
        const size_t above = std::min(below + 1, octaves.size() - 1);
        return octaves[below] + (octaves[above] - octaves[below]) * (at - static_cast<double>(below));
    });
}

Eigen::ArrayXd mirrorShare(const Eigen::ArrayXd& absorption, double size_m, const Eigen::ArrayXd& frequency_hz)
{
    return (1.0 - absorption).max(0.0).sqrt() * (frequency_hz * (size_m / kSoundSpeed_m_s)).min(1.0);
}

Comb comb(double direct_m, double difference_m, double coefficient)
{
    return {kSoundSpeed_m_s / (2.0 * difference_m), kSoundSpeed_m_s / difference_m,
            decibels(1.0 - coefficient * direct_m / (direct_m + difference_m))};
}

Eigen::ArrayXcd combResponse(double direct_m, double difference_m, double coefficient,
                             const Eigen::ArrayXd& frequency_hz)
{
    return 1.0 + coefficient * direct_m / (direct_m + difference_m) * flight(difference_m, frequency_hz);
}

}  // namespace core
