#pragma once

#include <Eigen/Core>

namespace core {

// The phase of a minimum-phase system from its magnitude alone:
//   phi(f0) = (1/pi) integral of (dA/du) ln coth(|u|/2) du,  A = ln |H|, u = ln(f/f0)
// between the samples A is a straight line in ln f; beyond them the slope of the last half octave goes on.
// frequency_hz  n rising values; level_db n values;  returns n phases in degrees, not wrapped      requires n >= 2
// source  H. W. Bode, "Network Analysis and Feedback Amplifier Design" (1945)
[[nodiscard]] Eigen::ArrayXd minimumPhase_deg(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level_db);

}  // namespace core
