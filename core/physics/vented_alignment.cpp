#include "core/physics/vented_alignment.h"

#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>
#include <complex>
#include <functional>
#include <numbers>
#include <optional>

#include "core/physics/level.h"

namespace core {
namespace {

constexpr double kButterworthSum = 2.6131259297527531;  // sqrt(4 + 2 sqrt2): a1 = a3 of a B4
constexpr double kSameKind = 1e-6;                      // Qts this near the B4's is a B4
const double kSqrt2 = std::numbers::sqrt2;

struct Coefficients {
    double a1 = 0.0, a2 = 0.0, a3 = 0.0;
};

Coefficients coefficients(double qts, double leakQ, double h, double alpha)
{
    const double root = std::sqrt(h), loss = leakQ * qts;
    return {(leakQ + h * qts) / (root * loss), (h + (alpha + 1.0 + h * h) * loss) / (h * loss),
            (h * leakQ + qts) / (root * loss)};
}

double complianceFor(double qts, double leakQ, double h, double a2)
{
    return a2 * h - h / (leakQ * qts) - 1.0 - h * h;
}

double root(const std::function<double(double)>& f, double low, double high)
{
    std::uintmax_t steps = 200;
    const auto found =
        boost::math::tools::toms748_solve(f, low, high, boost::math::tools::eps_tolerance<double>(50), steps);
    return 0.5 * (found.first + found.second);
}

// The first root from `from` on, in steps; continuation from the B4, where it is known.
std::optional<double> firstRoot(const std::function<double(double)>& f, double from, double step, int count)
{
    double at = from, value = f(from);
    for (int i = 0; i < count; ++i) {
        const double next = at + step, nextValue = f(next);
        if (value == 0.0) return at;
        if (std::isfinite(value) && std::isfinite(nextValue) && value * nextValue <= 0.0)
            return root(f, std::min(at, next), std::max(at, next));
        at = next;
        value = nextValue;
    }
    return std::nullopt;
}

// A1 = A2 = 0 in one unknown: a1 and a3 know only h, and a2 = a1^2 / 2.
std::optional<VentedAlignment> thirdOrderLike(double qts, double leakQ)
{
    const auto residual = [&](double h) {
        const Coefficients c = coefficients(qts, leakQ, h, 0.0);
        return std::pow(c.a1, 4) / 4.0 + 2.0 - 2.0 * c.a1 * c.a3;
    };
    const auto h = firstRoot(residual, 1.0 - 1e-9, 0.01, 2000);
    if (!h) return std::nullopt;
    const double a1 = coefficients(qts, leakQ, *h, 0.0).a1;
    return VentedAlignment{.kind = AlignmentKind::Qb3,
                           .tuning_ratio = *h,
                           .compliance_ratio = complianceFor(qts, leakQ, *h, 0.5 * a1 * a1)};
}

// k (1 for the B4) sets the ripple; a3 then gives h, and a1 is the equation.
std::optional<VentedAlignment> chebyshev(double qts, double leakQ)
{
    const auto target = [](double k) {
        const double d = (std::pow(k, 4) + 6.0 * k * k + 1.0) / 8.0;
        const double a3 = k * kButterworthSum / std::pow(d, 0.25);
        return Coefficients{a3 / std::sqrt(d) * (1.0 - (1.0 - k * k) / (2.0 * kSqrt2)),
                            (1.0 + k * k * (1.0 + kSqrt2)) / std::sqrt(d), a3};
    };
    const auto tuning = [&](double k) {
        const double b = target(k).a3 * leakQ * qts;
        const double root = (b + std::sqrt(b * b - 4.0 * leakQ * qts)) / (2.0 * leakQ);
        return root * root;
    };
    const auto residual = [&](double k) { return coefficients(qts, leakQ, tuning(k), 0.0).a1 - target(k).a1; };
    const auto k = firstRoot(residual, 1.0, -0.001, 999);
    if (!k) return std::nullopt;
    const double h = tuning(*k);
    return VentedAlignment{
        .kind = AlignmentKind::C4, .tuning_ratio = h, .compliance_ratio = complianceFor(qts, leakQ, h, target(*k).a2)};
}

void addShape(VentedAlignment& alignment, double qts, double leakQ)
{
    const auto level = [&](double logarithm) {
        const Eigen::ArrayXd f = Eigen::ArrayXd::Constant(1, std::exp(logarithm));
        return decibels(std::abs(ventedResponse(qts, leakQ, alignment.tuning_ratio, alignment.compliance_ratio, f)(0)));
    };
    const double half = powerDecibels(0.5);
    if (const auto at = firstRoot([&](double x) { return level(x) - half; }, std::log(20.0), -0.01, 600))
        alignment.halfPower_ratio = std::exp(*at);
    if (alignment.kind != AlignmentKind::C4) return;
    // The ripple may have more than one crest: the highest of the whole band, then its top.
    constexpr double kStep = 0.02;
    double highest = std::log(alignment.halfPower_ratio);
    for (double x = highest; x < std::log(20.0); x += kStep)
        if (level(x) > level(highest)) highest = x;
    const auto peak = boost::math::tools::brent_find_minima([&](double x) { return -level(x); }, highest - kStep,
                                                            highest + kStep, 40);
    alignment.peak_db = std::max(0.0, -peak.second);
}

}  // namespace

Eigen::ArrayXcd ventedResponse(double qts, double leakQ, double tuning_ratio, double compliance_ratio,
                               const Eigen::ArrayXd& frequency_ratio)
{
    using Complex = std::complex<double>;
    const Coefficients c = coefficients(qts, leakQ, tuning_ratio, compliance_ratio);
    const Eigen::ArrayXcd s = Complex{0.0, 1.0} * (frequency_ratio / std::sqrt(tuning_ratio)).cast<Complex>();
    return s.square().square() / ((((s + c.a1) * s + c.a2) * s + c.a3) * s + 1.0);
}

Outcome<VentedAlignment> ventedAlignment(double qts, double leakQ)
{
    if (!(qts > 0.0)) return refuse(ErrorCode::OutOfDomain, "qts", qts, "> 0");
    if (!(leakQ > 0.0)) return refuse(ErrorCode::OutOfDomain, "leakQ", leakQ, "> 0");
    const double butterworth = 1.0 / (kButterworthSum - 1.0 / leakQ);
    std::optional<VentedAlignment> found;
    if (std::abs(qts / butterworth - 1.0) < kSameKind)
        found = VentedAlignment{.compliance_ratio = kSqrt2 - 1.0 / (leakQ * qts)};
    else
        found = qts < butterworth ? thirdOrderLike(qts, leakQ) : chebyshev(qts, leakQ);
    if (!found || !(found->compliance_ratio > 0.0))
        return refuse(ErrorCode::Singular, "qts", qts, "one for which a B4, QB3 or C4 exists: take a closed box");
    addShape(*found, qts, leakQ);
    Answer<VentedAlignment> answer{*found, {}};
    if (qts < 0.2 || qts > 0.65) answer.warnings.emplace_back(WarningKind::QtsOutside);
    return answer;
}

}  // namespace core
