#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "core/physics/impedance_fit.h"

namespace core {
namespace {

constexpr double kLeastPeak_ratio = 1.2;
constexpr double kSecondPeak_ratio = 0.2;
constexpr double kCentreTolerance = 0.02;

// Vertex of the parabola through three points, in x.
struct Vertex {
    double x = 0.0, y = 0.0;
};
Vertex vertexOf(const Eigen::Array3d& x, const Eigen::Array3d& y)
{
    const double left = (y(1) - y(0)) / (x(1) - x(0));
    const double right = (y(2) - y(1)) / (x(2) - x(1));
    const double bend = (right - left) / (x(2) - x(0));
    if (!(bend < 0.0)) return {x(1), y(1)};
    const double at = 0.5 * (x(0) + x(1)) - left / (2.0 * bend);
    return {at, y(0) + (at - x(0)) * (left + bend * (at - x(1)))};
}

// How far the curve falls on the way from a maximum to anything as high, on its better side. The rise of a coil's
// inductance towards the end of a sweep is no peak: the curve does not fall after it.
double prominence(const Eigen::ArrayXd& y, Eigen::Index top)
{
    const auto fall = [&](int step) {
        double least = y(top);
        for (Eigen::Index i = top + step; i >= 0 && i < y.size(); i += step) {
            least = std::min(least, y(i));
            if (y(i) > y(top)) break;
        }
        return y(top) - least;
    };
    return std::min(fall(-1), fall(+1));
}

// Where the curve passes a level, going from the peak in the direction of step, linear in ln f between samples.
std::optional<double> crossing(const MeasuredCurve& z, Eigen::Index from, int step, double level)
{
    for (Eigen::Index i = from; i + step >= 0 && i + step < z.magnitude.size(); i += step) {
        const double here = z.magnitude(i), next = z.magnitude(i + step);
        if (here < level || next > level) continue;
        const double way = (here - level) / (here - next);
        return std::exp(std::log(z.frequency_hz(i)) +
                        way * (std::log(z.frequency_hz(i + step)) - std::log(z.frequency_hz(i))));
    }
    return std::nullopt;
}

}  // namespace

Outcome<QualityFactors> qualityFactors(const ImpedancePeak& peak)
{
    const double ratio = peak.maxImpedance_ohm / peak.re_ohm;
    if (!(ratio > kLeastPeak_ratio))
        return refuse(ErrorCode::NoResonance, "maxImpedance_ohm", peak.maxImpedance_ohm, "above 1.2 re_ohm");
    if (!(peak.low_hz < peak.fs_hz && peak.fs_hz < peak.high_hz))
        return refuse(ErrorCode::Inconsistent, "fs_hz", peak.fs_hz, "between low_hz and high_hz");
    Answer<QualityFactors> answer;
    const double qms = peak.fs_hz * std::sqrt(ratio) / (peak.high_hz - peak.low_hz);
    answer.value = {ratio, qms, qms / (ratio - 1.0), qms / ratio};
    if (std::abs(std::sqrt(peak.low_hz * peak.high_hz) / peak.fs_hz - 1.0) > kCentreTolerance)
        answer.warnings.emplace_back(WarningKind::CentreOff);
    return answer;
}

Outcome<ImpedancePeak> findPeak(const MeasuredCurve& impedance, double re_ohm)
{
    const Eigen::ArrayXd& z = impedance.magnitude;
    const Eigen::Index n = z.size();
    if (n < 5) return refuse(ErrorCode::Underdetermined, "frequency_hz", static_cast<double>(n), "at least 5 points");
    Eigen::Index top = -1;
    double best = 0.0, second = 0.0;
    for (Eigen::Index i = 1; i + 1 < n; ++i) {
        if (z(i) < z(i - 1) || z(i) <= z(i + 1)) continue;
        const double rise = prominence(z, i);
        if (rise > best) {
            second = best;
            best = rise;
            top = i;
        } else {
            second = std::max(second, rise);
        }
    }
    if (top < 0 || !(z(top) > kLeastPeak_ratio * re_ohm))
        return refuse(ErrorCode::NoResonance, "magnitude_ohm", top < 0 ? z.maxCoeff() : z(top),
                      "a maximum above 1.2 re_ohm inside the sweep");
    if (second > kSecondPeak_ratio * (z(top) - re_ohm))
        return refuse(ErrorCode::MultipleResonances, "magnitude_ohm", second,
                      "one peak; a box, a vent or a leak makes more");
    const Vertex vertex = vertexOf(impedance.frequency_hz.segment<3>(top - 1).log(), z.segment<3>(top - 1));
    ImpedancePeak peak{std::exp(vertex.x), re_ohm, vertex.y, 0.0, 0.0};
    const double level = std::sqrt(peak.maxImpedance_ohm * re_ohm);
    const auto low = crossing(impedance, top, -1, level);
    const auto high = crossing(impedance, top, +1, level);
    if (!low || !high)
        return refuse(ErrorCode::NoResonance, "frequency_hz", peak.fs_hz, "a sweep that shows both flanks of the peak");
    peak.low_hz = *low;
    peak.high_hz = *high;
    return Answer<ImpedancePeak>{peak, {}};
}

Outcome<MovingMass> movingMass(const AddedMassTest& test)
{
    if (!(test.loaded_hz < test.fs_hz))
        return refuse(ErrorCode::Inconsistent, "loaded_hz", test.loaded_hz, "below fs_hz");
    const double ws = 2.0 * std::numbers::pi * test.fs_hz;
    MovingMass mass;
    mass.mms_kg = test.added_kg / ((test.fs_hz / test.loaded_hz) * (test.fs_hz / test.loaded_hz) - 1.0);
    mass.cms_m_n = 1.0 / (ws * ws * mass.mms_kg);
    mass.vas_m3 = kAirDensity_kg_m3 * kSoundSpeed_m_s * kSoundSpeed_m_s * test.sd_m2 * test.sd_m2 * mass.cms_m_n;
    return Answer<MovingMass>{mass, {}};
}

Outcome<double> vasFromBox_m3(const TestBox& test)
{
    if (!(test.boxed_hz > test.fs_hz)) return refuse(ErrorCode::Inconsistent, "boxed_hz", test.boxed_hz, "above fs_hz");
    const double shift = test.boxed_hz / test.fs_hz;
    const double factor = test.qes && test.boxedQes ? shift * *test.boxedQes / *test.qes : shift * shift;
    if (!(factor > 1.0))
        return refuse(ErrorCode::Inconsistent, "boxedQes", *test.boxedQes, "above qes fs_hz / boxed_hz");
    return Answer<double>{test.volume_m3 * (factor - 1.0), {}};
}

}  // namespace core
