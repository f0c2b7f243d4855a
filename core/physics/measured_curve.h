#pragma once

#include <Eigen/Core>
#include <string>
#include <vector>

namespace core {

// A curve over frequency as a file brings it: magnitude in dB (a response) or ohm (an impedance), phase in degrees.
struct MeasuredCurve {
    Eigen::ArrayXd frequency_hz{};  // rising, each once
    Eigen::ArrayXd magnitude{};
    Eigen::ArrayXd phase_deg{};  // wrapped; zero where the file has none
    bool hasPhase = true;
};

// Phase without steps of more than 180 degrees from one point to the next.
[[nodiscard]] Eigen::ArrayXd unwrapped_deg(const Eigen::ArrayXd& phase_deg);

// Magnitude and unwrapped phase linear in ln f between the points; outside them the end values are held, and
// `outside` says so.
struct CurveReading {
    Eigen::ArrayXd magnitude{}, phase_deg{};
    bool outside = false;
};
// requires at least one point, frequencies rising
[[nodiscard]] CurveReading readCurve(const MeasuredCurve& curve, const Eigen::ArrayXd& frequency_hz);

// The impedance of a measured table: ln |Z| and unwrapped phase linear in ln f, held beyond its ends.
struct ImpedanceReading {
    Eigen::ArrayXcd impedance_ohm{};
    bool outside = false;
};
// requires magnitudes > 0
[[nodiscard]] ImpedanceReading readImpedance(const MeasuredCurve& curve, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
