#pragma once

#include <Eigen/Core>

#include "core/physics/driver.h"

namespace core {

// How one driver in an infinite baffle moves and radiates for one volt at its terminals.
// Boxes, doors with leaks and directivity join here: they change the volume velocity and the path, not the callers.
struct Radiation {
    Eigen::ArrayXcd pressure_pa_v{};  // on axis, half space, 1 m, per volt, flight time not included
    Eigen::ArrayXd excursion_m_v{};   // peak, per rms volt
};

// u = Bl V / (ze (zm + Bl^2 / ze)),  zm = jw Mms + Rms + 1/(jw Cms),  ze = Re + jw Le_ac,  Le_ac = Le min(1, (fade /
// f)^2) p = T jw rho Sd u / (2 pi),  T = 1 / (1 + j sqrt2 f/ft - (f/ft)^2),  x_peak = sqrt2 |u| / w   (x with the full
// Le) fade_hz  above it the coil's inductance no longer takes level away (cones do not fall as jwLe says) source Small
// (1972); T and fade are engineering rules
[[nodiscard]] Radiation radiate(const DriverParameters& driver, const Eigen::ArrayXd& frequency_hz, double fade_hz);

}  // namespace core
