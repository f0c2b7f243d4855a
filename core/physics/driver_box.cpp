#include "core/physics/driver_box.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"

namespace core {

DriverParameters withBoxLosses(DriverParameters driver, double box_m3, double boxQ)
{
    driver.qms = boxQ / std::sqrt(1.0 + driver.vas_m3 / box_m3);
    return driver;
}

BoxElements boxElements(const DriverParameters& driver, const Box& box)
{
    assert(box.volume_m3 > 0.0);
    const MotionalElements motion = motionalElements(driver);
    const double alpha = driver.vas_m3 / box.volume_m3;
    BoxElements elements{.spring_h = motion.lces_h / alpha};
    // In these symbols a volume Cab is the inductance L, so Ral turns into L w / QL and Map into 1 / (wb^2 L).
    const double tuning =
        2.0 * std::numbers::pi * (box.tuning_hz ? *box.tuning_hz : driver.fs_hz * std::sqrt(1.0 + alpha));
    if (box.leakQ) elements.leak_ohm = tuning * elements.spring_h / *box.leakQ;
    if (box.tuning_hz) {
        elements.port_f = 1.0 / (tuning * tuning * elements.spring_h);
        if (box.portQ) elements.portLoss_ohm = *box.portQ / (tuning * elements.port_f);
    }
    return elements;
}

Eigen::ArrayXcd boxedImpedance_ohm(const DriverParameters& driver, const Box& box, const Eigen::ArrayXd& frequency_hz,
                                   const CoilLoss& loss)
{
    const MotionalElements m = motionalElements(driver);
    const BoxElements b = boxElements(driver, box);
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    Eigen::ArrayXcd chain = s * b.spring_h + b.leak_ohm;
    if (b.port_f > 0.0) {
        Eigen::ArrayXcd port = s * b.port_f;
        if (b.portLoss_ohm > 0.0) port += 1.0 / b.portLoss_ohm;
        chain += port.inverse();
    }
    return blockedImpedance_ohm(driver, frequency_hz, loss) +
           chain / ((1.0 / m.res_ohm + s * m.cmes_f + (s * m.lces_h).inverse()) * chain + 1.0);
}

}  // namespace core
