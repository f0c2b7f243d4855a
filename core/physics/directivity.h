#pragma once

#include <Eigen/Core>

namespace core {

// A rigid piston in a baffle, off axis: D = 2 J1(x) / x, x = k a sin t. Keeps its sign beyond a null; read-outs floor
// 20 log|D| at -40 dB. Beyond 90 degrees: the value at 90.
// source  Lord Rayleigh, "The Theory of Sound" (1878); L. E. Kinsler et al., "Fundamentals of Acoustics"
// valid   while the cone is rigid; coaxial: a for each way
[[nodiscard]] double pistonDirectivity(double x);                         // any x >= 0
[[nodiscard]] Eigen::ArrayXd pistonDirectivity(const Eigen::ArrayXd& x);  // n values >= 0

inline constexpr double kLowestReadOut_db = -40.0;

// x of a round piston: k a sin t, t in rad held at 90 degrees. a = sqrt(Sd / pi); a dome: half of (diameter + one
// surround width).
[[nodiscard]] double pistonArgument(double radius_m, double angle_rad, double frequency_hz);
// What a round piston loses there, >= 0, as far as it is read out.
[[nodiscard]] double pistonLoss_db(double radius_m, double angle_rad, double frequency_hz);
// Of an oval with semi-axes ax, ay, phi from the ax axis: k sin t sqrt(ax^2 cos^2 phi + ay^2 sin^2 phi).
struct OvalPiston {
    double alongAx_m = 0.0, alongAy_m = 0.0;
};
[[nodiscard]] double ovalArgument(const OvalPiston& oval, double angle_rad, double phi_rad, double frequency_hz);

// The frequency at which it is 6.0206 dB down at an angle: 2.21509 c / (2 pi a sin t).
[[nodiscard]] double halfPressure_hz(double radius_m, double angle_rad);
// Beaming: that at 45 degrees, close to where the wavelength equals the diameter.
[[nodiscard]] double beaming_hz(double radius_m);

// 10 log((ka)^2 / (1 - J1(2ka)/ka)), re the full sphere (half space: 3.01 dB at low frequencies).
[[nodiscard]] double directivityIndex_db(double radius_m, double frequency_hz);

}  // namespace core
