#include "core/physics/radiation.h"

#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {
namespace {

using Complex = std::complex<double>;

// Velocity per volt with this blocked impedance.
Eigen::ArrayXcd velocity_m_s(const DriverParameters& driver, const Eigen::ArrayXcd& s, const Eigen::ArrayXcd& ze_ohm)
{
    const DriverMechanics m = mechanics(driver);
    const Eigen::ArrayXcd zm = s * m.mms_kg + m.rms_kg_s + (s * m.cms_m_n).inverse();
    return m.bl_tm / (ze_ohm * zm + m.bl_tm * m.bl_tm);
}

}  // namespace

PistonMotion pistonMotion(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double source_ohm)
{
    const Eigen::ArrayXcd s = Complex{0.0, 2.0 * std::numbers::pi} * frequency_hz.cast<Complex>();
    PistonMotion motion;
    motion.velocity_m_s_v = velocity_m_s(driver, s, source_ohm + driver.re_ohm + s * driver.le_h);
    motion.excursion_m_v = std::numbers::sqrt2 * motion.velocity_m_s_v.abs() / s.imag();
    return motion;
}

double pistonPressure_pa(double frequency_hz, double sd_m2, double excursion_m)
{
    const double w = 2.0 * std::numbers::pi * frequency_hz;
    return kAirDensity_kg_m3 * w * w * sd_m2 * excursion_m / (std::numbers::sqrt2 * 2.0 * std::numbers::pi);
}

Radiation radiate(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double fade_hz)
{
    const Eigen::ArrayXcd s = Complex{0.0, 2.0 * std::numbers::pi} * frequency_hz.cast<Complex>();
    const Eigen::ArrayXd left = (fade_hz / frequency_hz).square().min(1.0);
    const Eigen::ArrayXd y = frequency_hz / driver.topCorner_hz;
    Eigen::ArrayXcd top(y.size());
    top.real() = 1.0 - y.square();
    top.imag() = std::numbers::sqrt2 * y;
    const Eigen::ArrayXcd heard = velocity_m_s(driver, s, driver.re_ohm + s * (driver.le_h * left).cast<Complex>());
    const double scale = driver.polarity * kAirDensity_kg_m3 * driver.sd_m2 / (2.0 * std::numbers::pi);
    return {scale * s * heard / top, pistonMotion(driver, frequency_hz).excursion_m_v};
}

}  // namespace core
