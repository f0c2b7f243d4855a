#pragma once

#include "core/base/outcome.h"

namespace core {

// Volumes, filling and gaps of a box: estimates for the cutting list.
// source  common practice; Small (1972) for the bound of filling: gamma = 1.4, isothermal

inline constexpr double kIsothermalGain = 1.4;

// 0.4 pi/4 d^2 depth: what a driver takes of its box; share is the 0.4.      requires all > 0
[[nodiscard]] double driverDisplacement_m3(double share, double mountDiameter_m, double depth_m);
// pi/4 (d + 2 wall)^2 (L - panel): the part of the port that lies inside.      requires length above panel
[[nodiscard]] double portDisplacement_m3(double diameter_m, double wall_m, double length_m, double panel_m);

// What a driver finds: (gross - taken) (1 + fill), fill a share of gain, at most 0.4, closed boxes only.
// errors  Inconsistent (nothing is left), OutOfDomain (fill)
[[nodiscard]] Outcome<double> effectiveVolume_m3(double gross_m3, double taken_m3, double fillGain);

// The least gap under a cone that fires down: the opening 2 pi r h as large as the cone, so r/2; and travel, surround
// and 10 mm to spare.
[[nodiscard]] double downFiringGap_m(double sd_m2, double xmax_m, double surround_m);

}  // namespace core
