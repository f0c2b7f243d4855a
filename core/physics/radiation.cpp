#include "core/physics/radiation.h"

#include <cmath>
#include <complex>
#include <numbers>

#include "core/base/grid.h"
#include "core/physics/air.h"

namespace core {
namespace {

using Complex = std::complex<double>;
using std::numbers::pi;

// The acoustic side of one box at all frequencies, as admittances: at its tuning a lossless one has none, so nothing
// may be divided by it.
struct BoxAir {
    Eigen::ArrayXcd whole{};  // Yb
    Eigen::ArrayXcd heard{};  // U0 / pb
    Eigen::ArrayXcd port{};   // Up / pb; empty without a port
};

BoxAir boxAir(const DriverParameters& driver, const Box& box, const Eigen::ArrayXcd& s)
{
    const double cab = box.volume_m3 / (kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s);
    const double own_hz = driver.fs_hz * std::sqrt(1.0 + driver.vas_m3 / box.volume_m3);
    const double wb = 2.0 * pi * box.tuning_hz.value_or(own_hz);
    const double leak = box.leakQ ? wb * cab / *box.leakQ : 0.0;  // 1/Ral
    BoxAir air;
    air.whole = s * cab + leak;
    if (box.tuning_hz) {
        const double map = 1.0 / (wb * wb * cab);
        air.port = (s * map + (box.portQ ? wb * map / *box.portQ : 0.0)).inverse();
        air.whole += air.port;
    }
    air.heard = s * cab + (box.leaksOutdoors ? leak : 0.0);
    return air;
}

// u and U0 of the cone and its box for one volt behind this blocked impedance:
//   u = Bl Yb / D, U0 = Sd Bl heard / D, D = ze (zm Yb + Sd^2) + Bl^2 Yb;  without a box Yb = heard = 1, no Sd^2
struct ConeMotion {
    ConeMotion(const DriverParameters& driver, const Eigen::ArrayXcd& s, const std::optional<Box>& box)
        : m_driver(driver),
          m_mechanics(mechanics(driver)),
          m_zm(s * m_mechanics.mms_kg + m_mechanics.rms_kg_s + (s * m_mechanics.cms_m_n).inverse())
    {
        if (box) m_air = boxAir(driver, *box, s);
    }
    [[nodiscard]] const std::optional<BoxAir>& air() const { return m_air; }
    // Bl / D
    [[nodiscard]] Eigen::ArrayXcd drive(const Eigen::ArrayXcd& ze_ohm) const
    {
        const double bl = m_mechanics.bl_tm, sd = m_driver.sd_m2;
        if (!m_air) return bl / (ze_ohm * m_zm + bl * bl);
        return bl / (ze_ohm * (m_zm * m_air->whole + sd * sd) + bl * bl * m_air->whole);
    }
    [[nodiscard]] Eigen::ArrayXcd velocity(const Eigen::ArrayXcd& drive) const
    {
        return m_air ? (drive * m_air->whole).eval() : drive;
    }
    [[nodiscard]] Eigen::ArrayXcd flow(const Eigen::ArrayXcd& drive) const
    {
        return m_driver.sd_m2 * (m_air ? (drive * m_air->heard).eval() : drive);
    }

private:
    const DriverParameters& m_driver;
    DriverMechanics m_mechanics;
    Eigen::ArrayXcd m_zm;
    std::optional<BoxAir> m_air{};
};

}  // namespace

PistonMotion pistonMotion(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double source_ohm,
                          const std::optional<Box>& box, const CoilLoss& loss)
{
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    const ConeMotion cone(driver, s, box);
    const Eigen::ArrayXcd drive = cone.drive(source_ohm + blockedImpedance_ohm(driver, frequency_hz, loss));
    PistonMotion motion;
    motion.velocity_m_s_v = cone.velocity(drive);
    motion.excursion_m_v = std::numbers::sqrt2 * motion.velocity_m_s_v.abs() / s.imag();
    motion.flow_m3_s_v = cone.flow(drive);
    if (cone.air() && cone.air()->port.size() > 0) motion.portFlow_m3_s_v = driver.sd_m2 * drive * cone.air()->port;
    return motion;
}

Eigen::ArrayXcd boxResponse(double fs_hz, double qts, double vas_m3, const Box& box, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXcd s = Complex{0.0, 1.0} * (frequency_hz / fs_hz).cast<Complex>();
    const double alpha = vas_m3 / box.volume_m3;
    const double h = box.tuning_hz ? *box.tuning_hz / fs_hz : std::sqrt(1.0 + alpha);
    const double leak = box.leakQ ? h / (alpha * *box.leakQ) : 0.0;
    Eigen::ArrayXcd yb = s / alpha + leak;
    if (box.tuning_hz) yb += h * h / (alpha * s);
    return s * (s / alpha + (box.leaksOutdoors ? leak : 0.0)) / (yb * (s + 1.0 / qts + s.inverse()) + 1.0);
}

double pistonPressure_pa(double frequency_hz, double sd_m2, double excursion_m)
{
    const double w = 2.0 * pi * frequency_hz;
    return kAirDensity_kg_m3 * w * w * sd_m2 * excursion_m / (std::numbers::sqrt2 * 2.0 * pi);
}

Eigen::ArrayXcd topFall(double corner_hz, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd y = frequency_hz / corner_hz;
    Eigen::ArrayXcd top(y.size());
    top.real() = 1.0 - y.square();
    top.imag() = std::numbers::sqrt2 * y;
    return top.inverse();
}

Radiation radiate(const DriverParameters& driver, const Mounting& mounting, const Eigen::ArrayXd& frequency_hz,
                  double fade_hz)
{
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    const ConeMotion cone(driver, s, mounting.box);
    const Eigen::ArrayXd left = (fade_hz / frequency_hz).square().min(1.0);
    const double scale = driver.polarity * kAirDensity_kg_m3 / (2.0 * pi);
    Radiation out;
    out.pressure_pa_v = scale * s * topFall(driver.topCorner_hz, frequency_hz) *
                        cone.flow(cone.drive(driver.re_ohm + s * (driver.le_h * left).cast<Complex>()));
    if (mounting.leak) out.pressure_pa_v *= baffleLeakResponse(*mounting.leak, frequency_hz);
    if (mounting.podWidth_m) out.pressure_pa_v *= podResponse(*mounting.podWidth_m, frequency_hz);
    out.excursion_m_v =
        std::numbers::sqrt2 * cone.velocity(cone.drive(driver.re_ohm + s * driver.le_h)).abs() / s.imag();
    return out;
}

}  // namespace core
