#pragma once

#include <Eigen/Core>

#include "core/base/outcome.h"

namespace core {

// What stands between a driver and an ear takes level, before any sum.

// A perforated plate, round holes d on a square pitch b, thickness t:
//   s = pi/4 (d/b)^2, te = t + 0.85 d (1 - 1.13 e - 0.09 e^2 + 0.27 e^3), e = d/b, m = rho te / s,
//   loss = 10 log(1 + (w m / (2 rho c))^2)
// source  end correction after U. Ingard and V. A. Fok, recalled polynomial
struct PerforatedPlate {
    double thickness_m = 1e-3, hole_m = 2e-3, pitch_m = 3e-3;
    bool operator==(const PerforatedPlate&) const = default;
};
// errors  Inconsistent (pitch not above hole)
[[nodiscard]] Outcome<double> plateMass_kg_m2(const PerforatedPlate& plate);
[[nodiscard]] Eigen::ArrayXd plateLoss_db(double mass_kg_m2, const Eigen::ArrayXd& frequency_hz);

// Cloth and the like: losses at 1, 4 and 10 kHz, linear in log f between, the ends held.
struct CoverLoss {
    double at1k_db = 0.0, at4k_db = 0.0, at10k_db = 0.0;
    bool operator==(const CoverLoss&) const = default;
};
[[nodiscard]] Eigen::ArrayXd coverLoss_db(const CoverLoss& cover, const Eigen::ArrayXd& frequency_hz);

// An edge in or near the line of sight: N = +-2 (A + B - d) f/c, negative when the line clears the edge;
//   loss = min(24, 10 log max(1, 3 + 20 N)), 0 for N <= -0.1; times min(1, l f / (2c)) for a body of smaller visible
//   side l, which does nothing to waves longer than it
// source  Z. Maekawa, "Noise reduction by screens", Applied Acoustics 1 (1968); ISO 9613-2:1996; the fade is an
//         engineering rule
struct ScreenEdge {
    double longer_m = 0.0;  // A + B - d
    bool blocked = true;
    double side_m = 0.0;  // l; 0: a long edge, no fade
    bool operator==(const ScreenEdge&) const = default;
};
[[nodiscard]] Eigen::ArrayXd screenLoss_db(const ScreenEdge& edge, const Eigen::ArrayXd& frequency_hz);
[[nodiscard]] double fresnelNumber(const ScreenEdge& edge, double frequency_hz);

}  // namespace core
