#include "core/physics/driver.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"
#include "core/physics/level.h"

namespace core {
namespace {

using Complex = std::complex<double>;

using std::numbers::pi;
constexpr double kTestVoltageSquared = 8.0;  // "2.83 V" is sqrt(8) V

// eta0 Qes / Vas
double efficiencyScale(double fs_hz)
{
    return 4.0 * pi * pi * std::pow(fs_hz / kSoundSpeed_m_s, 3.0);
}

}  // namespace

DriverMechanics mechanics(const DriverParameters& driver)
{
    assert(driver.re_ohm > 0.0 && driver.fs_hz > 0.0 && driver.qms > 0.0 && driver.qes > 0.0 && driver.vas_m3 > 0.0 &&
           driver.sd_m2 > 0.0);
    const double ws = 2.0 * pi * driver.fs_hz;
    DriverMechanics m;
    m.cms_m_n = driver.vas_m3 / (kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s * driver.sd_m2 * driver.sd_m2);
    m.mms_kg = 1.0 / (ws * ws * m.cms_m_n);
    m.rms_kg_s = ws * m.mms_kg / driver.qms;
    m.bl_tm = std::sqrt(ws * m.mms_kg * driver.re_ohm / driver.qes);
    return m;
}

MotionalElements motionalElements(const DriverParameters& driver)
{
    assert(driver.re_ohm > 0.0 && driver.fs_hz > 0.0 && driver.qms > 0.0 && driver.qes > 0.0);
    const double ws = 2.0 * pi * driver.fs_hz;
    return {driver.re_ohm * driver.qms / driver.qes, driver.qes / (ws * driver.re_ohm),
            driver.re_ohm / (ws * driver.qes)};
}

Eigen::ArrayXcd blockedImpedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz,
                                     const CoilLoss& loss)
{
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    if (loss.k > 0.0) return driver.re_ohm + loss.k * (s.log() * loss.exponent).exp();
    Eigen::ArrayXcd blocked = driver.re_ohm + s * driver.le_h;
    if (loss.l2_h > 0.0) blocked += loss.r2_ohm * loss.l2_h * s / (loss.r2_ohm + loss.l2_h * s);
    return blocked;
}

Eigen::ArrayXcd impedance_ohm(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, const CoilLoss& loss)
{
    const MotionalElements m = motionalElements(driver);
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    return blockedImpedance_ohm(driver, frequency_hz, loss) +
           (1.0 / m.res_ohm + s * m.cmes_f + (s * m.lces_h).inverse()).inverse();
}

double referenceEfficiency(const DriverParameters& driver)
{
    return efficiencyScale(driver.fs_hz) * driver.vas_m3 / driver.qes;
}

// One acoustic watt in half space at 1 m is 10 log(rho c / (2 pi (20e-6)^2)).
double oneWattLevel_db(double efficiency)
{
    return powerDecibels(efficiency * kAirDensity_kg_m3 * kSoundSpeed_m_s /
                         (2.0 * pi * kReferencePressure_pa * kReferencePressure_pa));
}

double efficiencyOfLevel(double oneWatt_db)
{
    return powerRatioOf(oneWatt_db - oneWattLevel_db(1.0));
}

double sensitivity_db(const DriverParameters& driver)
{
    return oneWattLevel_db(referenceEfficiency(driver)) + powerDecibels(kTestVoltageSquared / driver.re_ohm);
}

double vasFromSensitivity_m3(double sensitivity_db, const DriverParameters& driver)
{
    const double efficiency = efficiencyOfLevel(sensitivity_db - powerDecibels(kTestVoltageSquared / driver.re_ohm));
    return efficiency * driver.qes / efficiencyScale(driver.fs_hz);
}

}  // namespace core
