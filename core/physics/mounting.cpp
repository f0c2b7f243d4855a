#include "core/physics/mounting.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {
namespace {

using Complex = std::complex<double>;

Eigen::ArrayXcd leakWith(const Eigen::ArrayXd& coupling, double path_m, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd phase = frequency_hz * (2.0 * std::numbers::pi * path_m / kSoundSpeed_m_s);
    Eigen::ArrayXcd response(frequency_hz.size());
    response.real() = 1.0 - coupling * phase.cos();
    response.imag() = coupling * phase.sin();
    return response;
}

}  // namespace

Eigen::ArrayXcd baffleLeakResponse(const BaffleLeak& leak, const Eigen::ArrayXd& frequency_hz)
{
    assert(leak.path_m > 0.0 && leak.coupling >= 0.0 && leak.coupling <= 1.0);
    const double quarter_hz = kSoundSpeed_m_s / (4.0 * leak.path_m);
    const Eigen::ArrayXd octaves = (frequency_hz / quarter_hz).log() / std::numbers::ln2;
    return leakWith(leak.coupling * (1.0 - 0.5 * octaves).min(1.0).max(0.0), leak.path_m, frequency_hz);
}

Eigen::ArrayXcd bareLeakResponse(const BaffleLeak& leak, const Eigen::ArrayXd& frequency_hz)
{
    return leakWith(Eigen::ArrayXd::Constant(frequency_hz.size(), leak.coupling), leak.path_m, frequency_hz);
}

Eigen::ArrayXcd podResponse(double width_m, const Eigen::ArrayXd& frequency_hz)
{
    assert(width_m > 0.0);
    constexpr double kScale_m_hz = 163.0;
    const Eigen::ArrayXcd twice = Complex{0.0, 2.0} * (frequency_hz * (width_m / kScale_m_hz)).cast<Complex>();
    return (1.0 + twice) / (2.0 + twice);
}

}  // namespace core
