#include "core/physics/path.h"

#include <algorithm>
#include <numbers>

#include "core/physics/air.h"

namespace core {

Eigen::ArrayXcd flight(double distance_m, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd phase = frequency_hz * (-2.0 * std::numbers::pi * distance_m / kSoundSpeed_m_s);
    Eigen::ArrayXcd path(frequency_hz.size());
    path.real() = phase.cos();
    path.imag() = phase.sin();
    return path;
}

Eigen::ArrayXcd directPath(double distance_m, const Eigen::ArrayXd& frequency_hz)
{
    return flight(distance_m, frequency_hz) / distance_m;
}

std::vector<double> alignmentDelays_s(const std::vector<double>& distances_m, double soundSpeed_m_s)
{
    std::vector<double> delays;
    const double longest = *std::max_element(distances_m.begin(), distances_m.end());
    for (const double r : distances_m) delays.push_back((longest - r) / soundSpeed_m_s);
    return delays;
}

}  // namespace core
