#include "core/physics/driver.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {
namespace {

constexpr double kPi = std::numbers::pi;
constexpr double kTestVoltageSquared = 8.0;  // "2.83 V" is sqrt(8) V

// Level of one acoustic watt in half space at 1 m: 10 log(rho c / (2 pi (20e-6)^2)).
double levelOfOneWatt_db()
{
    return 10.0 * std::log10(kAirDensity_kg_m3 * kSoundSpeed_m_s /
                             (2.0 * kPi * kReferencePressure_pa * kReferencePressure_pa));
}

}  // namespace

DriverMechanics mechanics(const DriverParameters& driver)
{
    assert(driver.re_ohm > 0.0 && driver.fs_hz > 0.0 && driver.qms > 0.0 && driver.qes > 0.0 && driver.vas_m3 > 0.0 &&
           driver.sd_m2 > 0.0);
    const double ws = 2.0 * kPi * driver.fs_hz;
    DriverMechanics m;
    m.cms_m_n = driver.vas_m3 / (kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s * driver.sd_m2 * driver.sd_m2);
    m.mms_kg = 1.0 / (ws * ws * m.cms_m_n);
    m.rms_kg_s = ws * m.mms_kg / driver.qms;
    m.bl_tm = std::sqrt(ws * m.mms_kg * driver.re_ohm / driver.qes);
    m.res_ohm = driver.re_ohm * driver.qms / driver.qes;
    m.cmes_f = driver.qes / (ws * driver.re_ohm);
    m.lces_h = driver.re_ohm / (ws * driver.qes);
    return m;
}

Eigen::ArrayXcd impedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz)
{
    using Complex = std::complex<double>;
    const DriverMechanics m = mechanics(driver);
    const Eigen::ArrayXcd s = Complex{0.0, 2.0 * kPi} * frequency_hz.cast<Complex>();
    return driver.re_ohm + s * driver.le_h + (1.0 / m.res_ohm + s * m.cmes_f + (s * m.lces_h).inverse()).inverse();
}

double sensitivity_db(const DriverParameters& driver)
{
    const double efficiency =
        4.0 * kPi * kPi * std::pow(driver.fs_hz / kSoundSpeed_m_s, 3.0) * driver.vas_m3 / driver.qes;
    return levelOfOneWatt_db() + 10.0 * std::log10(efficiency * kTestVoltageSquared / driver.re_ohm);
}

double vasFromSensitivity_m3(double sensitivity_db, const DriverParameters& driver)
{
    const double efficiency =
        std::pow(10.0, (sensitivity_db - levelOfOneWatt_db()) / 10.0) * driver.re_ohm / kTestVoltageSquared;
    return efficiency * driver.qes / (4.0 * kPi * kPi * std::pow(driver.fs_hz / kSoundSpeed_m_s, 3.0));
}

}  // namespace core
