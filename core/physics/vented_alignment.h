#pragma once

#include <Eigen/Core>

#include "core/base/outcome.h"

namespace core {

// A vented box for a smooth response: a fourth-order high-pass
//   H = S^4 / (S^4 + a1 S^3 + a2 S^2 + a3 S + 1),  S = jf / sqrt(fs fb),  h = fb / fs
//   a1 = (QL + h Qts) / (sqrt(h) QL Qts),  a2 = (h + (alpha + 1 + h^2) QL Qts) / (h QL Qts),
//   a3 = (h QL + Qts) / (sqrt(h) QL Qts)
// Qts and QL decide which: B4 (Butterworth) at one Qts, QB3 (third-order-like) below it, C4 (Chebyshev) above.
// source  A. N. Thiele, "Loudspeakers in vented boxes", J. Audio Eng. Soc. 19 (1971); R. H. Small, "Vented-box
//         loudspeaker systems", same, 21 (1973).   valid  Le = 0, losses lumped in QL
enum class AlignmentKind { Qb3, B4, C4 };

struct VentedAlignment {
    AlignmentKind kind = AlignmentKind::B4;
    double tuning_ratio = 1.0;      // h = fb / fs
    double compliance_ratio = 1.0;  // alpha = Vas / Vb
    double halfPower_ratio = 1.0;   // f3 / fs
    double peak_db = 0.0;           // of a C4 above its level
};

// warnings  QtsOutside (not 0.2 to 0.65: take a closed box)
// errors    OutOfDomain (Qts or QL not > 0), Singular (no alignment of these kinds)
[[nodiscard]] Outcome<VentedAlignment> ventedAlignment(double qts, double leakQ);

// H of the box with tuning ratio h and compliance ratio alpha; n values, relative to the level far above
[[nodiscard]] Eigen::ArrayXcd ventedResponse(double qts, double leakQ, double tuning_ratio, double compliance_ratio,
                                             const Eigen::ArrayXd& frequency_ratio);

}  // namespace core
