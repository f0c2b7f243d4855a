#include "core/physics/bands.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace core {

double bandMean_db(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db, double low_hz, double high_hz)
{
    assert(frequency_hz.size() == level_db.size() && frequency_hz.size() >= 2);
    const Eigen::ArrayXd power = (level_db * (std::log(10.0) / 10.0)).exp();
    double integral = 0.0;
    double width = 0.0;
    for (Eigen::Index i = 0; i + 1 < frequency_hz.size(); ++i) {
        const double left = std::log(frequency_hz(i));
        const double right = std::log(frequency_hz(i + 1));
        const double from = std::max(left, std::log(low_hz));
        const double to = std::min(right, std::log(high_hz));
        if (to <= from) continue;
        const auto at = [&](double x) { return power(i) + (power(i + 1) - power(i)) * (x - left) / (right - left); };
        integral += 0.5 * (at(from) + at(to)) * (to - from);
        width += to - from;
    }
    assert(width > 0.0);
    return 10.0 * std::log10(std::max(integral / width, 1e-300));
}

double weightedMean(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& weight, const Eigen::ArrayXd& value)
{
    const Eigen::Index n = frequency_hz.size();
    assert(n >= 2 && weight.size() == n && value.size() == n);
    const Eigen::ArrayXd step = (frequency_hz.tail(n - 1) / frequency_hz.head(n - 1)).log();
    const Eigen::ArrayXd product = weight * value;
    const double above = (step * (product.tail(n - 1) + product.head(n - 1))).sum();
    const double below = (step * (weight.tail(n - 1) + weight.head(n - 1))).sum();
    return above / below;
}

}  // namespace core
