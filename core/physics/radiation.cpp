#include "core/physics/radiation.h"

#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/air.h"

namespace core {
namespace {

using Complex = std::complex<double>;
using std::numbers::pi;

Eigen::ArrayXcd laplace(const Eigen::ArrayXd& frequency_hz)
{
    return Complex{0.0, 2.0 * pi} * frequency_hz.cast<Complex>();
}

// The acoustic side of one box at all frequencies.
struct BoxAir {
    Eigen::ArrayXcd admittance{};  // Yb
    Eigen::ArrayXcd heard{};       // U0 / Ud
    Eigen::ArrayXcd port{};        // Up / Ud; empty without a port
};

BoxAir boxAir(const DriverParameters& driver, const Box& box, const Eigen::ArrayXcd& s)
{
    const double cab = box.volume_m3 / (kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s);
    const double own_hz = driver.fs_hz * std::sqrt(1.0 + driver.vas_m3 / box.volume_m3);
    const double wb = 2.0 * pi * box.tuning_hz.value_or(own_hz);
    const double leak = box.leakQ ? wb * cab / *box.leakQ : 0.0;  // 1/Ral
    BoxAir air;
    air.admittance = s * cab + leak;
    if (box.tuning_hz) {
        const double map = 1.0 / (wb * wb * cab);
        const Eigen::ArrayXcd port = (s * map + (box.portQ ? wb * map / *box.portQ : 0.0)).inverse();
        air.admittance += port;
        air.port = port / air.admittance;
    }
    air.heard = (s * cab + (box.leaksOutdoors ? leak : 0.0)) / air.admittance;
    return air;
}

// Velocity per volt, the mechanical impedance being what it is, behind this blocked impedance.
Eigen::ArrayXcd velocity_m_s(double bl_tm, const Eigen::ArrayXcd& zm, const Eigen::ArrayXcd& ze_ohm)
{
    return bl_tm / (ze_ohm * zm + bl_tm * bl_tm);
}

Eigen::ArrayXcd mechanical(const DriverParameters& driver, const DriverMechanics& m, const Eigen::ArrayXcd& s,
                           const std::optional<BoxAir>& air)
{
    Eigen::ArrayXcd zm = s * m.mms_kg + m.rms_kg_s + (s * m.cms_m_n).inverse();
    if (air) zm += driver.sd_m2 * driver.sd_m2 * air->admittance.inverse();
    return zm;
}

}  // namespace

PistonMotion pistonMotion(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double source_ohm,
                          const std::optional<Box>& box, const CoilLoss& loss)
{
    const Eigen::ArrayXcd s = laplace(frequency_hz);
    const DriverMechanics m = mechanics(driver);
    const auto air = box ? std::optional(boxAir(driver, *box, s)) : std::nullopt;
    PistonMotion motion;
    motion.velocity_m_s_v = velocity_m_s(m.bl_tm, mechanical(driver, m, s, air),
                                         source_ohm + blockedImpedance_ohm(driver, frequency_hz, loss));
    motion.excursion_m_v = std::numbers::sqrt2 * motion.velocity_m_s_v.abs() / s.imag();
    motion.flow_m3_s_v = driver.sd_m2 * motion.velocity_m_s_v;
    if (!air) return motion;
    if (air->port.size() > 0) motion.portFlow_m3_s_v = motion.flow_m3_s_v * air->port;
    motion.flow_m3_s_v *= air->heard;
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
    const DriverMechanics m = mechanics(driver);
    const auto air = mounting.box ? std::optional(boxAir(driver, *mounting.box, s)) : std::nullopt;
    const Eigen::ArrayXcd zm = mechanical(driver, m, s, air);
    const Eigen::ArrayXd left = (fade_hz / frequency_hz).square().min(1.0);
    const double scale = driver.polarity * kAirDensity_kg_m3 * driver.sd_m2 / (2.0 * pi);
    Radiation out;
    out.pressure_pa_v = scale * s * topFall(driver.topCorner_hz, frequency_hz) *
                        velocity_m_s(m.bl_tm, zm, driver.re_ohm + s * (driver.le_h * left).cast<Complex>());
    if (air) out.pressure_pa_v *= air->heard;
    if (mounting.leak) out.pressure_pa_v *= baffleLeakResponse(*mounting.leak, frequency_hz);
    if (mounting.podWidth_m) out.pressure_pa_v *= podResponse(*mounting.podWidth_m, frequency_hz);
    out.excursion_m_v =
        std::numbers::sqrt2 * velocity_m_s(m.bl_tm, zm, driver.re_ohm + s * driver.le_h).abs() / s.imag();
    return out;
}

}  // namespace core
