#include "core/physics/radiation.h"

#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {

Radiation radiate(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double fade_hz)
{
    using Complex = std::complex<double>;
    const DriverMechanics m = mechanics(driver);
    Radiation radiation;
    radiation.pressure_pa_v.resize(frequency_hz.size());
    radiation.excursion_m_v.resize(frequency_hz.size());
    for (Eigen::Index i = 0; i < frequency_hz.size(); ++i) {
        const double f = frequency_hz(i);
        const Complex jw{0.0, 2.0 * std::numbers::pi * f};
        const Complex zm = jw * m.mms_kg + m.rms_kg_s + 1.0 / (jw * m.cms_m_n);
        const auto velocity = [&](double le_h) {
            const Complex ze = driver.re_ohm + jw * le_h;
            return m.bl_tm / (ze * zm + m.bl_tm * m.bl_tm);
        };
        const double shrink = std::min(1.0, (fade_hz / f) * (fade_hz / f));
        const double y = f / driver.topCorner_hz;
        const Complex top = 1.0 / Complex{1.0 - y * y, std::numbers::sqrt2 * y};
        radiation.pressure_pa_v(i) = driver.polarity * top * jw * kAirDensity_kg_m3 * driver.sd_m2 *
                                     velocity(driver.le_h * shrink) / (2.0 * std::numbers::pi);
        radiation.excursion_m_v(i) = std::numbers::sqrt2 * std::abs(velocity(driver.le_h)) / jw.imag();
    }
    return radiation;
}

}  // namespace core
