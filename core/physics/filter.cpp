#include "core/physics/filter.h"

#include <algorithm>
#include <boost/math/tools/toms748_solve.hpp>
#include <cassert>
#include <cmath>
#include <complex>
#include <cstdint>
#include <numbers>

// The root finder for Bessel polynomials; its header is not free of warnings.
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wconversion"
#include <unsupported/Eigen/Polynomials>
#pragma GCC diagnostic pop

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

// Magnitude squared of a product of sections at the frequency ratio x.
double square(const std::vector<FilterSection>& sections, double x)
{
    double result = 1.0;
    for (const FilterSection& section : sections) {
        const double u2 = x * x / (section.corner_ratio * section.corner_ratio);
        result /= section.q == 0.0 ? 1.0 + u2 : (1.0 - u2) * (1.0 - u2) + u2 / (section.q * section.q);
    }
    return result;
}

// Sections of the reverse Bessel polynomial, flat delay of 1 s, not yet normalised.
std::vector<FilterSection> delaySections(int order)
{
    Eigen::VectorXd coefficients(order + 1);  // a_k = (2n - k)! / (2^(n-k) k! (n-k)!)
    for (int k = 0; k <= order; ++k)
        coefficients(k) = std::tgamma(2.0 * order - k + 1.0) /
                          (std::exp2(order - k) * std::tgamma(k + 1.0) * std::tgamma(order - k + 1.0));
    const Eigen::PolynomialSolver<double, Eigen::Dynamic> solver(coefficients);
    std::vector<FilterSection> sections;
    for (const Complex& root : solver.roots()) {
        if (std::abs(root.imag()) < 1e-9 * std::abs(root))
            sections.push_back({std::abs(root), 0.0});
        else if (root.imag() > 0.0)
            sections.push_back({std::abs(root), std::abs(root) / (-2.0 * root.real())});
    }
    std::sort(sections.begin(), sections.end(),
              [](const FilterSection& a, const FilterSection& b) { return a.q < b.q; });
    return sections;
}

std::vector<FilterSection> besselSections(int order)
{
    std::vector<FilterSection> sections = delaySections(order);
    std::uintmax_t mostSteps = 100;
    const auto aboveHalf = [&](double x) { return square(sections, x) - 0.5; };
    const auto [low, high] = boost::math::tools::toms748_solve(
        aboveHalf, 0.1, 20.0, [](double a, double b) { return std::abs(b - a) <= 1e-15 * std::abs(a); }, mostSteps);
    for (FilterSection& section : sections) section.corner_ratio /= 0.5 * (low + high);
    return sections;
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
    assert(shape.order >= 1 && shape.order <= 8);
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
