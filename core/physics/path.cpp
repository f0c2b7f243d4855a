#include "core/physics/path.h"

#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {

Eigen::ArrayXcd directPath(double distance_m, const Eigen::ArrayXd& frequency_hz)
{
    using Complex = std::complex<double>;
    const Eigen::ArrayXd phase = frequency_hz * (-2.0 * std::numbers::pi * distance_m / kSoundSpeed_m_s);
    Eigen::ArrayXcd path(frequency_hz.size());
    for (Eigen::Index i = 0; i < path.size(); ++i)
        path(i) = Complex{std::cos(phase(i)), std::sin(phase(i))} / distance_m;
    return path;
}

}  // namespace core
