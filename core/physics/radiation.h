#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/physics/driver.h"
#include "core/physics/mounting.h"

namespace core {

// How one driver moves for one volt, in an infinite baffle or in its box:
//   u = Bl / (ze (zm + Bl^2 / ze)), zm = jw Mms + Rms + 1/(jw Cms) + Sd^2 / Yb, ze = blocked impedance + source
//   Yb = jw Cab + 1/Ral + 1/(jw Map + Rap), Ud = Sd u, box pressure Ud / Yb, x_peak = sqrt2 |u| / w
// What is heard is the cone less what the port takes back: U0 = Ud jw Cab / Yb; a leak to the outdoors is not taken
// back: U0 = Ud (jw Cab + 1/Ral) / Yb.
// source  Small (1972, 1973); L. L. Beranek, "Acoustics" (1954);  valid below about 300 Hz, small signal, ka < 1
struct PistonMotion {
    Eigen::ArrayXcd velocity_m_s_v{};   // rms, per rms volt
    Eigen::ArrayXd excursion_m_v{};     // peak, per rms volt
    Eigen::ArrayXcd flow_m3_s_v{};      // U0
    Eigen::ArrayXcd portFlow_m3_s_v{};  // Up, out of the box; empty without a port
};
[[nodiscard]] PistonMotion pistonMotion(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz,
                                        double source_ohm = 0.0, const std::optional<Box>& box = {},
                                        const CoilLoss& loss = {});

// The response of a box relative to the mass-controlled level, Le = 0: S = jf/fs, h = fb/fs,
//   yb = S/alpha [+ h/(alpha QL) + h^2/(alpha S) vented] [+ sqrt(1 + alpha)/(alpha QL) closed],
//   H = S (S/alpha) / (yb (S + 1/Qts + 1/S) + 1); to the outdoors S/alpha with the leak's term added
[[nodiscard]] Eigen::ArrayXcd boxResponse(double fs_hz, double qts, double vas_m3, const Box& box,
                                          const Eigen::ArrayXd& frequency_hz);

// Half-space pressure at 1 m of a piston that moves x (peak): rho w^2 Sd x / (sqrt2 2 pi), rms.
[[nodiscard]] double pistonPressure_pa(double frequency_hz, double sd_m2, double excursion_m);

// How it radiates as an engineering rule has it, from there on to the treble.
struct Radiation {
    Eigen::ArrayXcd pressure_pa_v{};  // on axis, half space, 1 m, per volt, flight time not included
    Eigen::ArrayXd excursion_m_v{};   // peak, per rms volt
};

// p = T jw rho U0 / (2 pi), T = 1 / (1 + j sqrt2 f/ft - (f/ft)^2), with the flow from Le_ac = Le min(1, (fade / f)^2)
// and with what leaks round the baffle or bends round a pod; x with the full Le.
// fade_hz  above it the coil's inductance no longer takes level away (cones do not fall as jwLe says)
// source   Small (1972); T and fade are engineering rules
[[nodiscard]] Radiation radiate(const DriverParameters& driver, const Mounting& mounting,
                                const Eigen::ArrayXd& frequency_hz, double fade_hz);

// T alone.
[[nodiscard]] Eigen::ArrayXcd topFall(double corner_hz, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
