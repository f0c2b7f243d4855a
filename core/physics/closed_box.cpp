#include "core/physics/closed_box.h"

#include <cassert>
#include <cmath>
#include <complex>

#include "core/physics/level.h"

namespace core {

ClosedBox closedBox(double fs_hz, double qts, double vas_m3, double box_m3)
{
    assert(fs_hz > 0.0 && qts > 0.0 && vas_m3 > 0.0 && box_m3 > 0.0);
    const double stiffer = std::sqrt(1.0 + vas_m3 / box_m3);
    return {fs_hz * stiffer, qts * stiffer};
}

ClosedBox lossyClosedBox(double fs_hz, double qes, double vas_m3, double box_m3, double boxQ)
{
    ClosedBox box = closedBox(fs_hz, qes, vas_m3, box_m3);
    box.totalQ = boxQ * box.totalQ / (boxQ + box.totalQ);
    return box;
}

Outcome<double> closedBoxVolume_m3(double vas_m3, double qts, double targetQ)
{
    if (!(targetQ > qts))
        return refuse(ErrorCode::OutOfDomain, "targetQ", targetQ, "above qts: no box is large enough");
    const double ratio = targetQ / qts;
    return Answer<double>{vas_m3 / (ratio * ratio - 1.0), {}};
}

Eigen::ArrayXcd closedBoxResponse(const ClosedBox& box, const Eigen::ArrayXd& frequency_hz)
{
    using Complex = std::complex<double>;
    const Eigen::ArrayXcd s = Complex{0.0, 1.0} * (frequency_hz / box.resonance_hz).cast<Complex>();
    return s.square() / (s.square() + s / box.totalQ + 1.0);
}

double halfPower_hz(const ClosedBox& box)
{
    const double b = 1.0 / (box.totalQ * box.totalQ) - 2.0;
    return box.resonance_hz * std::sqrt(0.5 * (b + std::sqrt(b * b + 4.0)));
}

std::optional<ResponsePeak> peakOf(const ClosedBox& box)
{
    const double square = box.totalQ * box.totalQ;
    if (square <= 0.5) return std::nullopt;
    return ResponsePeak{decibels(square / std::sqrt(square - 0.25)), box.resonance_hz / std::sqrt(1.0 - 0.5 / square)};
}

}  // namespace core
