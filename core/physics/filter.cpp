#include "core/physics/filter.h"

#include <cassert>
#include <complex>
#include <numbers>

namespace core {

Eigen::ArrayXcd butterworth(FilterSide side, int order, double corner_hz, const Eigen::ArrayXd& frequency_hz)
{
    assert(corner_hz > 0.0 && order >= 1 && order <= 8);
    using Complex = std::complex<double>;
    Eigen::ArrayXcd s = Complex{0.0, 1.0 / corner_hz} * frequency_hz.cast<Complex>();
    if (side == FilterSide::HighPass) s = s.inverse().eval();
    Eigen::ArrayXcd response = Eigen::ArrayXcd::Ones(frequency_hz.size());
    for (int k = 0; k < order; ++k) {
        const Complex pole = std::polar(1.0, std::numbers::pi * (2.0 * k + order + 1.0) / (2.0 * order));
        response *= -pole / (s - pole);
    }
    return response;
}

}  // namespace core
