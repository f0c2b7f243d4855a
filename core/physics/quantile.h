#pragma once

#include <Eigen/Core>
#include <algorithm>

namespace core {

// The value below which a share p of sorted draws lies, linear between them at (N - 1) p.      requires N >= 2, 0 <= p
// <= 1
[[nodiscard]] inline double quantile(const Eigen::ArrayXd& sorted, double p)
{
    const double at = static_cast<double>(sorted.size() - 1) * p;
    const auto below = std::min(static_cast<Eigen::Index>(at), sorted.size() - 2);
    return sorted(below) + (at - static_cast<double>(below)) * (sorted(below + 1) - sorted(below));
}

}  // namespace core
