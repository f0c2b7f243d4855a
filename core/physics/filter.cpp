#include "core/physics/filter.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <complex>
#include <numbers>

namespace core {
namespace {

using Complex = std::complex<double>;

std::vector<FilterSection> butterworthSections(int order)
{
    std::vector<FilterSection> sections;
    if (order % 2 == 1) sections.push_back({1.0, 0.0});
    for (int k = order / 2; k >= 1; --k) {
        // Poles at the angles pi (2k - 1) / (2n) from the imaginary axis; Q = 1 / (2 sin).
        const double angle = std::numbers::pi * (2.0 * k - 1.0) / (2.0 * order);
        sections.push_back({1.0, 0.5 / std::sin(angle)});
    }
    return sections;
}

// Roots of the reverse Bessel polynomials, scaled to -3.0103 dB at the corner; computed with forty digits.
std::vector<FilterSection> besselSections(int order)
{
    switch (order) {
        case 2:
            return {{1.2720196495140689643, 0.57735026918962576451}};
        case 3:
            return {{1.3226757999104447673, 0.0}, {1.4476171331469873184, 0.69104662582507129993}};
        case 4:
            return {{1.4301715599939904691, 0.52193458166898015522}, {1.6033575162169730756, 0.80553828184166575154}};
        default:
            assert(false);
            return {};
    }
}

// The section as it stands for a side.
double cornerOf(const FilterSection& section, FilterSide side, double corner_hz)
{
    return side == FilterSide::LowPass ? corner_hz * section.corner_ratio : corner_hz / section.corner_ratio;
}

}  // namespace

bool isOffered(const FilterShape& shape)
{
    const auto among = [&](std::initializer_list<int> orders) {
        return std::find(orders.begin(), orders.end(), shape.order) != orders.end();
    };
    switch (shape.family) {
        case FilterFamily::Butterworth:
            return among({1, 2, 3, 4, 6, 8});
        case FilterFamily::LinkwitzRiley:
            return among({2, 4, 8});
        case FilterFamily::Bessel:
            return among({2, 3, 4});
    }
    return false;
}

std::vector<FilterSection> filterSections(const FilterShape& shape)
{
    switch (shape.family) {
        case FilterFamily::Butterworth:
            return butterworthSections(shape.order);
        case FilterFamily::Bessel:
            return besselSections(shape.order);
        case FilterFamily::LinkwitzRiley:
            break;
    }
    // A Butterworth of half the order, twice; two first-order sections make one second-order one of Q 0.5.
    assert(shape.order % 2 == 0);
    std::vector<FilterSection> sections;
    for (const FilterSection& half : butterworthSections(shape.order / 2)) {
        if (half.q == 0.0)
            sections.push_back({1.0, 0.5});
        else
            sections.insert(sections.end(), 2, half);
    }
    return sections;
}

Eigen::ArrayXcd filterResponse(const FilterShape& shape, FilterSide side, double corner_hz,
                               const Eigen::ArrayXd& frequency_hz)
{
    assert(corner_hz > 0.0);
    Eigen::ArrayXcd response = Eigen::ArrayXcd::Ones(frequency_hz.size());
    for (const FilterSection& section : filterSections(shape)) {
        Eigen::ArrayXcd s = Complex{0.0, 1.0 / cornerOf(section, side, corner_hz)} * frequency_hz.cast<Complex>();
        if (side == FilterSide::HighPass) s = s.inverse().eval();
        if (section.q == 0.0)
            response /= 1.0 + s;
        else
            response /= 1.0 + s * (s + 1.0 / section.q);
    }
    return response;
}

Eigen::ArrayXd filterDelay_s(const FilterShape& shape, FilterSide side, double corner_hz,
                             const Eigen::ArrayXd& frequency_hz)
{
    Eigen::ArrayXd delay = Eigen::ArrayXd::Zero(frequency_hz.size());
    for (const FilterSection& section : filterSections(shape)) {
        const double corner = cornerOf(section, side, corner_hz);
        const Eigen::ArrayXd u2 = (frequency_hz / corner).square();
        const double scale = 1.0 / (2.0 * std::numbers::pi * corner);
        if (section.q == 0.0)
            delay += scale / (1.0 + u2);
        else
            delay += scale / section.q * (1.0 + u2) / ((1.0 - u2).square() + u2 / (section.q * section.q));
    }
    return delay;
}

}  // namespace core
