#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/base/outcome.h"

namespace core {

// A driver in a closed box, as a second-order high-pass.
//   alpha = Vas / Vb, k = sqrt(1 + alpha), f_c = fs k, Q_tc = Qts k
// source  R. H. Small, "Closed-box loudspeaker systems", J. Audio Eng. Soc. 20-21 (1972-73)
// valid   the box smaller than an eighth of a wavelength
struct ClosedBox {
    double resonance_hz = 60.0;  // f_c
    double totalQ = 0.7;         // Q_tc
};

// Qts with the resistance of source and cable in it.      requires all > 0
[[nodiscard]] ClosedBox closedBox(double fs_hz, double qts, double vas_m3, double box_m3);
// With the losses of the box in Q_mc: Q_ec = Qes k, Q_tc = Q_mc Q_ec / (Q_mc + Q_ec)
[[nodiscard]] ClosedBox lossyClosedBox(double fs_hz, double qes, double vas_m3, double box_m3, double boxQ);

// Vb = Vas / ((Q_tc / Qts)^2 - 1);  errors  OutOfDomain (no box is large enough: target not above Qts)
[[nodiscard]] Outcome<double> closedBoxVolume_m3(double vas_m3, double qts, double targetQ);

// H = S^2 / (S^2 + S/Q_tc + 1), S = jf/f_c, relative to the level far above resonance; n values
[[nodiscard]] Eigen::ArrayXcd closedBoxResponse(const ClosedBox& box, const Eigen::ArrayXd& frequency_hz);

// f_3 = f_c sqrt((b + sqrt(b^2 + 4)) / 2), b = 1/Q_tc^2 - 2
[[nodiscard]] double halfPower_hz(const ClosedBox& box);

struct ResponsePeak {
    double height_db = 0.0, at_hz = 0.0;
};
// 20 log(Q^2 / sqrt(Q^2 - 0.25)) at f_c / sqrt(1 - 1/(2 Q^2)); none up to Q_tc = 1/sqrt2
[[nodiscard]] std::optional<ResponsePeak> peakOf(const ClosedBox& box);

}  // namespace core
