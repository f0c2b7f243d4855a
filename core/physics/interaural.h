#pragma once

namespace core {

// Distance between the ears is twice this.
inline constexpr double kHeadRadius_m = 0.0875;

// A far source at an azimuth: the sound reaches the far ear later by a (t + sin t) / c, t from 0 to 90 degrees; behind
// the head as in front of it. Signed as the azimuth, which wraps at +-180 degrees.
// source  R. S. Woodworth, "Experimental Psychology" (1938)
[[nodiscard]] double interauralDelay_s(double azimuth_deg);

// Where between a left and a right speaker the image stands at one head, an estimate:
//   shift = clamp(clamp(dt / fullTime) + clamp(dL / fullLevel)), -1 right to +1 left
// dt  how much later the right arrives, the electrical delays included; dL  how much louder the left is
// source  common practice, no source: published full shifts 0.6 to 1.2 ms, 12 to 18 dB; J. Blauert, "Spatial Hearing"
struct ImagePractice {
    double fullTime_s = 1e-3, fullLevel_db = 15.0;
};
[[nodiscard]] double imageShift(double rightLater_s, double leftLouder_db, const ImagePractice& practice);

}  // namespace core
