#include "core/physics/minimum_phase.h"

#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

// W(u) = integral from 0 to u of ln coth(t/2) dt = pi^2/4 - 2 sum over odd n of exp(-n u)/n^2, u >= 0; odd in u.
double weightIntegral(double u)
{
    constexpr double kWhole = std::numbers::pi * std::numbers::pi / 4.0;
    const double x = std::abs(u);
    if (x > 40.0) return std::copysign(kWhole, u);
    double value = 0.0;
    if (x > 0.1) {
        double sum = 0.0;
        for (int n = 1; n < 400; n += 2) {
            const double term = std::exp(-n * x) / (n * n);
            sum += term;
            if (term < 1e-14) break;
        }
        value = kWhole - 2.0 * sum;
    } else if (x > 0.0) {
        // near 0: ln coth(t/2) = -ln(t/2) + t^2/12 - ...
        value = x - x * std::log(0.5 * x) + x * x * x / 36.0;
    }
    return std::copysign(value, u);
}

double edgeSlope(const Eigen::ArrayXd& x, const Eigen::ArrayXd& a, bool upper)
{
    const double half = 0.5 * std::numbers::ln2;
    const Eigen::Index last = x.size() - 1;
    Eigen::Index other = upper ? last - 1 : 1;
    while (upper ? other > 0 && x(last) - x(other) < half : other < last && x(other) - x(0) < half)
        other += upper ? -1 : 1;
    const Eigen::Index end = upper ? last : 0;
    return (a(end) - a(other)) / (x(end) - x(other));
}

}  // namespace

Eigen::ArrayXd minimumPhase_deg(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db)
{
    assert(frequency_hz.size() >= 2 && level_db.size() == frequency_hz.size());
    constexpr double kFar = 60.0;  // where the weight is spent
    const Eigen::Index n = frequency_hz.size();
    const Eigen::ArrayXd x = frequency_hz.log();
    const Eigen::ArrayXd a = level_db * (std::numbers::ln10 / 20.0);
    const double below = edgeSlope(x, a, false), above = edgeSlope(x, a, true);
    const Eigen::ArrayXd slope = (a.tail(n - 1) - a.head(n - 1)) / (x.tail(n - 1) - x.head(n - 1));
    Eigen::ArrayXd phase(n);
    for (Eigen::Index k = 0; k < n; ++k) {
        double before = weightIntegral(x(0) - x(k));
        double sum = below * (before - weightIntegral(-kFar));
        for (Eigen::Index i = 0; i + 1 < n; ++i) {
            const double next = weightIntegral(x(i + 1) - x(k));
            sum += slope(i) * (next - before);
            before = next;
        }
        sum += above * (weightIntegral(kFar) - before);
        phase(k) = sum / std::numbers::pi * 180.0 / std::numbers::pi;
    }
    return phase;
}

}  // namespace core
