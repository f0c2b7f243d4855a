#include "core/physics/bands.h"

#include <algorithm>
#include <cassert>
#include <cmath>

namespace core {

Eigen::ArrayXd bandWeights(const Eigen::ArrayXd& frequency_hz, double low_hz, double high_hz)
{
    assert(frequency_hz.size() >= 2);
    const Eigen::ArrayXd x = frequency_hz.log();
    const double low = std::log(low_hz), high = std::log(high_hz);
    Eigen::ArrayXd weight = Eigen::ArrayXd::Zero(x.size());
    for (Eigen::Index i = 0; i + 1 < x.size(); ++i) {
        const double from = std::max(x(i), low), to = std::min(x(i + 1), high);
        if (to <= from) continue;
        const double share = (0.5 * (from + to) - x(i)) / (x(i + 1) - x(i));
        weight(i) += (1.0 - share) * (to - from);
        weight(i + 1) += share * (to - from);
    }
    const double width = weight.sum();
    assert(width > 0.0);
    return weight / width;
}

Eigen::ArrayXd spectrumWeights(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& spectrum)
{
    const Eigen::Index n = frequency_hz.size();
    assert(n >= 1 && spectrum.size() == n);
    if (n == 1) return Eigen::ArrayXd::Ones(1);
    const Eigen::ArrayXd step = (frequency_hz.tail(n - 1) / frequency_hz.head(n - 1)).log();
    Eigen::ArrayXd weight = Eigen::ArrayXd::Zero(n);
    weight.head(n - 1) += step;
    weight.tail(n - 1) += step;
    weight *= spectrum;
    return weight / weight.sum();
}

double bandMean_db(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db, double low_hz, double high_hz)
{
    assert(frequency_hz.size() == level_db.size());
    const Eigen::ArrayXd power = (level_db * (std::log(10.0) / 10.0)).exp();
    const double mean = (bandWeights(frequency_hz, low_hz, high_hz) * power).sum();
    return 10.0 * std::log10(std::max(mean, 1e-300));
}

}  // namespace core
