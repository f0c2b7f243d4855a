#include "core/physics/sampled_filter.h"

#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

#include "core/physics/level.h"

namespace core {
namespace {

using std::numbers::pi;

Biquad normalised(std::array<double, 3> b, std::array<double, 3> a)
{
    return {{b[0] / a[0], b[1] / a[0], b[2] / a[0]}, {a[1] / a[0], a[2] / a[0]}};
}

}  // namespace

Biquad sectionBiquad(FilterSide side, double corner_hz, double q, double sampleRate_hz)
{
    assert(corner_hz > 0.0 && corner_hz < 0.5 * sampleRate_hz);
    const bool low = side == FilterSide::LowPass;
    const double w = 2.0 * pi * corner_hz / sampleRate_hz;
    if (q == 0.0) {
        const double t = std::tan(w / 2.0);
        return normalised({low ? t : 1.0, low ? t : -1.0, 0.0}, {1.0 + t, t - 1.0, 0.0});
    }
    const double c = std::cos(w);
    const double alpha = std::sin(w) / (2.0 * q);
    // 1 - cos w loses digits at a low corner; 2 sin^2(w/2) does not.
    const double edge = low ? 2.0 * std::pow(std::sin(w / 2.0), 2) : 1.0 + c;
    return normalised({edge / 2.0, low ? edge : -edge, edge / 2.0}, {1.0 + alpha, -2.0 * c, 1.0 - alpha});
}

Biquad bandBiquad(const EqualiserBand& band, double sampleRate_hz)
{
    assert(band.corner_hz > 0.0 && band.corner_hz < 0.5 * sampleRate_hz);
    const double w = 2.0 * pi * band.corner_hz / sampleRate_hz;
    const double alpha = std::sin(w) / (2.0 * band.q);
    const double a = ratioOf(band.gain_db / 2.0);
    const double k = 2.0 * std::sqrt(a) * alpha;
    const double c = band.kind == BandKind::HighShelf ? -std::cos(w) : std::cos(w);
    const double turn = band.kind == BandKind::HighShelf ? -1.0 : 1.0;  // the middle terms change sign with c
    switch (band.kind) {
        case BandKind::Peak:
            return normalised({1.0 + alpha * a, -2.0 * c, 1.0 - alpha * a},
                              {1.0 + alpha / a, -2.0 * c, 1.0 - alpha / a});
        case BandKind::LowShelf:
        case BandKind::HighShelf:
            return normalised({a * ((a + 1.0) - (a - 1.0) * c + k), turn * 2.0 * a * ((a - 1.0) - (a + 1.0) * c),
                               a * ((a + 1.0) - (a - 1.0) * c - k)},
                              {(a + 1.0) + (a - 1.0) * c + k, turn * -2.0 * ((a - 1.0) + (a + 1.0) * c),
                               (a + 1.0) + (a - 1.0) * c - k});
        case BandKind::AllPass1: {
            const double t = std::tan(w / 2.0);
            return normalised({t - 1.0, t + 1.0, 0.0}, {1.0 + t, t - 1.0, 0.0});
        }
        case BandKind::AllPass2:
            return normalised({1.0 - alpha, -2.0 * c, 1.0 + alpha}, {1.0 + alpha, -2.0 * c, 1.0 - alpha});
    }
    return {};
}

std::vector<double> sampledCorners_hz(const FilterShape& shape, FilterSide side, double corner_hz, double sampleRate_hz)
{
    std::vector<double> corners;
    const double warped = std::tan(pi * corner_hz / sampleRate_hz);
    for (const FilterSection& section : filterSections(shape)) {
        const double ratio = side == FilterSide::LowPass ? section.corner_ratio : 1.0 / section.corner_ratio;
        corners.push_back(sampleRate_hz / pi * std::atan(ratio * warped));
    }
    return corners;
}

std::vector<Biquad> sampledFilter(const FilterShape& shape, FilterSide side, double corner_hz, double sampleRate_hz)
{
    const std::vector<FilterSection> sections = filterSections(shape);
    const std::vector<double> corners = sampledCorners_hz(shape, side, corner_hz, sampleRate_hz);
    std::vector<Biquad> biquads;
    for (size_t i = 0; i < sections.size(); ++i)
        biquads.push_back(sectionBiquad(side, corners[i], sections[i].q, sampleRate_hz));
    return biquads;
}

Eigen::ArrayXcd biquadResponse(const Biquad& biquad, double sampleRate_hz, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXcd back = delayResponse(1.0 / sampleRate_hz, frequency_hz);  // z^-1
    return (biquad.b[0] + back * (biquad.b[1] + back * biquad.b[2])) /
           (1.0 + back * (biquad.a[0] + back * biquad.a[1]));
}

}  // namespace core
