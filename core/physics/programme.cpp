#include "core/physics/programme.h"

#include <boost/math/quadrature/gauss_kronrod.hpp>
#include <cmath>

namespace core {

Eigen::ArrayXd programmeWeight(const ProgrammeWeight& shape, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd x2 = (frequency_hz / shape.highPass_hz).square();
    const Eigen::ArrayXd highPass = x2.square() / ((1.0 - x2).square() + x2 / (shape.highPassQ * shape.highPassQ));
    const Eigen::ArrayXd lowPass1 = 1.0 + (frequency_hz / shape.lowPass1_hz).square();
    const Eigen::ArrayXd lowPass2 = 1.0 + (frequency_hz / shape.lowPass2_hz).square();
    return highPass / (lowPass1 * lowPass2);
}

Eigen::ArrayXd noiseWeight(const Eigen::ArrayXd& frequency_hz)
{
    constexpr double kHighPass_hz = 40.0, kLowPass_hz = 318.0;
    const Eigen::ArrayXd high2 = (frequency_hz / kHighPass_hz).square();
    return frequency_hz * high2 / ((1.0 + high2) * (1.0 + (frequency_hz / kLowPass_hz).square()));
}

double programmeShare(double crestFactor_db)
{
    return 2.0 / std::pow(10.0, crestFactor_db / 10.0);
}

double programmeTravel_m(double limit_v, double crestFactor_db, const Eigen::ArrayXd& programme,
                         const Eigen::ArrayXd& excursion_m_v)
{
    constexpr double kRarelyPassed = 3.0;  // standard deviations of a normal distribution: 0.3 % of the time
    return kRarelyPassed * limit_v *
           std::sqrt(0.5 * programmeShare(crestFactor_db) * (programme * excursion_m_v.square()).sum());
}

Outcome<double> spectrumFraction(const Spectrum& weight, const Spectrum& passed, double low_hz, double high_hz)
{
    if (!(low_hz < high_hz)) return refuse(ErrorCode::OutOfDomain, "high_hz", high_hz, "above low_hz");
    const auto integral = [&](bool filtered) {
        const auto at = [&](double logarithm) {
            const Eigen::ArrayXd f = Eigen::ArrayXd::Constant(1, std::exp(logarithm));
            return weight(f)(0) * (filtered ? passed(f)(0) : 1.0);
        };
        constexpr unsigned kDeepest = 12;
        constexpr double kTolerance = 1e-10;
        return boost::math::quadrature::gauss_kronrod<double, 31>::integrate(at, std::log(low_hz), std::log(high_hz),
                                                                             kDeepest, kTolerance);
    };
    return Answer<double>{integral(true) / integral(false), {}};
}

}  // namespace core
