#pragma once

#include <Eigen/Core>

#include "core/physics/driver.h"

namespace core {

// How one driver in an infinite baffle moves for one volt: u = Bl / (ze (zm + Bl^2 / ze)), zm = jw Mms + Rms +
// 1/(jw Cms), ze = blocked impedance + source resistance. x_peak = sqrt2 |u| / w.
// source  Small (1972); valid while ka < 1
struct PistonMotion {
    Eigen::ArrayXcd velocity_m_s_v{};  // rms, per rms volt
    Eigen::ArrayXd excursion_m_v{};    // peak, per rms volt
};
[[nodiscard]] PistonMotion pistonMotion(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz,
                                        double source_ohm = 0.0);

// Half-space pressure at 1 m of a piston that moves x (peak): rho w^2 Sd x / (sqrt2 2 pi), rms.
[[nodiscard]] double pistonPressure_pa(double frequency_hz, double sd_m2, double excursion_m);

// How it radiates as an engineering rule has it, from there on to the treble.
// Boxes, doors with leaks and directivity join here: they change the volume velocity and the path, not the callers.
struct Radiation {
    Eigen::ArrayXcd pressure_pa_v{};  // on axis, half space, 1 m, per volt, flight time not included
    Eigen::ArrayXd excursion_m_v{};   // peak, per rms volt
};

// p = T jw rho Sd u / (2 pi), T = 1 / (1 + j sqrt2 f/ft - (f/ft)^2), with u from Le_ac = Le min(1, (fade / f)^2);
// x with the full Le.
// fade_hz  above it the coil's inductance no longer takes level away (cones do not fall as jwLe says)
// source   Small (1972); T and fade are engineering rules
[[nodiscard]] Radiation radiate(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double fade_hz);

}  // namespace core
