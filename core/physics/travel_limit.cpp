#include "core/physics/travel_limit.h"

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace core {
namespace {

constexpr int kSteps = 400;  // of the scan that brackets what is then refined

}  // namespace

Eigen::ArrayXd travelVoltage_v(double xmax_m, const Eigen::ArrayXd& excursion_m_v)
{
    return xmax_m / excursion_m_v.max(1e-300);
}

LeastVoltage leastVoltage(const VoltageOverFrequency& voltage_v, double low_hz, double high_hz)
{
    const double low = std::log(low_hz), step = std::log(high_hz / low_hz) / kSteps;
    const auto at = [&](double x) { return voltage_v(std::exp(x)); };
    int least = 0;
    double value = at(low);
    for (int i = 1; i <= kSteps; ++i)
        if (const double v = at(low + i * step); v < value) {
            value = v;
            least = i;
        }
    if (least == 0 || least == kSteps) return {value, least == 0 ? low_hz : high_hz};
    const auto found =
        boost::math::tools::brent_find_minima(at, low + (least - 1) * step, low + (least + 1) * step, 40);
    return {found.second, std::exp(found.first)};
}

std::optional<double> safeFrom_hz(const VoltageOverFrequency& voltage_v, double amplifier_v, double low_hz,
                                  double high_hz)
{
    const double low = std::log(low_hz), step = std::log(high_hz / low_hz) / kSteps;
    const auto margin = [&](double x) { return voltage_v(std::exp(x)) - amplifier_v; };
    for (int i = kSteps; i >= 0; --i) {
        const double below = low + i * step;
        if (margin(below) >= 0.0) continue;
        if (i == kSteps) return high_hz;
        std::uintmax_t most = 100;
        const auto found = boost::math::tools::toms748_solve(margin, below, below + step,
                                                             boost::math::tools::eps_tolerance<double>(45), most);
        return std::exp(found.second);
    }
    return std::nullopt;
}

}  // namespace core
