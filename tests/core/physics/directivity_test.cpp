// Directivity against a general library's Bessel functions and against the surface integral itself.
#include "core/physics/directivity.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <boost/math/quadrature/gauss_kronrod.hpp>
#include <boost/math/special_functions/bessel.hpp>
#include <cmath>
#include <numbers>

#include "core/physics/air.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using boost::math::quadrature::gauss_kronrod;
using std::numbers::pi;

TEST(Directivity, IsTheBesselFunctionOfALibrary)
{
    const Eigen::ArrayXd x = Eigen::ArrayXd::LinSpaced(4001, 1e-3, 60.0);
    const Eigen::ArrayXd d = pistonDirectivity(x);
    for (Eigen::Index i = 0; i < x.size(); ++i)
        ASSERT_NEAR(d(i), 2.0 * boost::math::cyl_bessel_j(1, x(i)) / x(i), 1e-13) << x(i);
    EXPECT_EQ(pistonDirectivity(0.0), 1.0);
}

// Source: handbook zeros and half points of 2 J1(x)/x (Kinsler et al.): null at 3.83171, -3.0103 dB at 1.61634,
// -6.0206 dB at 2.21509.
TEST(Directivity, HasTheHandbooksPoints)
{
    EXPECT_NEAR(pistonDirectivity(3.831705970207512), 0.0, 1e-12);
    EXPECT_NEAR(pistonDirectivity(1.61634), std::sqrt(0.5), 1e-6);
    EXPECT_NEAR(pistonDirectivity(2.21509), 0.5, 1e-6);
    EXPECT_LT(pistonDirectivity(5.0), 0.0);  // the first side lobe is out of phase
}

// exp(j k sin t s) over an ellipse, s measured along the direction of the ear: strips of length 2 sqrt(1 - u^2).
double overTheArea(double ax, double ay, double angle, double phi, double k)
{
    const double reach = std::hypot(ax * std::cos(phi), ay * std::sin(phi));
    const auto strip = [&](double u) {
        return 2.0 / pi * std::sqrt(1.0 - u * u) * std::cos(k * std::sin(angle) * reach * u);
    };
    return gauss_kronrod<double, 61>::integrate(strip, -1.0, 1.0, 15, 1e-12);
}

// The same without the trick of strips: a double integral over the ellipse in polar form.
double overTheAreaInPolar(double ax, double ay, double angle, double phi, double k)
{
    const auto ring = [&](double r) {
        const auto round = [&](double t) {
            const double x = ax * r * std::cos(t), y = ay * r * std::sin(t);
            return std::cos(k * std::sin(angle) * (x * std::cos(phi) + y * std::sin(phi)));
        };
        return r / pi * gauss_kronrod<double, 31>::integrate(round, 0.0, 2.0 * pi, 10, 1e-11);
    };
    return gauss_kronrod<double, 31>::integrate(ring, 0.0, 1.0, 10, 1e-11);
}

TEST(Directivity, IsTheIntegralOverThePiston)
{
    struct Case {
        double ax, ay, angle_deg, phi_deg, f_hz;
    };
    for (const Case& c : {Case{0.0655, 0.0655, 45.0, 0.0, 3000.0}, Case{0.0685, 0.103, 40.0, 30.0, 3000.0},
                          Case{0.0145, 0.0145, 60.0, 0.0, 15000.0}, Case{0.12, 0.12, 80.0, 0.0, 8000.0}}) {
        const double angle = c.angle_deg * pi / 180.0, phi = c.phi_deg * pi / 180.0;
        const double ours = pistonDirectivity(ovalArgument({c.ax, c.ay}, angle, phi, c.f_hz));
        const double k = 2.0 * pi * c.f_hz / kSoundSpeed_m_s;
        EXPECT_NEAR(ours, overTheArea(c.ax, c.ay, angle, phi, k), 1e-6);
        EXPECT_NEAR(ours, overTheAreaInPolar(c.ax, c.ay, angle, phi, k), 1e-6);
    }
}

// Source: the directivity index is defined by the power over the half space; Kinsler et al.
TEST(Directivity, IndexIsThePowerOverTheHalfSpace)
{
    for (const double f : {200.0, 2000.0, 9000.0}) {
        const double radius = 0.0655;
        const auto ring = [&](double t) {
            const double d = pistonDirectivity(pistonArgument(radius, t, f));
            return d * d * std::sin(t);
        };
        const double mean = 0.5 * gauss_kronrod<double, 61>::integrate(ring, 0.0, pi / 2.0, 15, 1e-12);
        EXPECT_NEAR(directivityIndex_db(radius, f), -10.0 * std::log10(mean), 2e-5) << f;
    }
    EXPECT_NEAR(directivityIndex_db(0.01, 1.0), 3.0103, 1e-4);
}

RC_GTEST_PROP(DirectivityProperty, NeverExceedsTheAxis, ())
{
    RC_ASSERT(std::abs(pistonDirectivity(tests::between(1e-6, 200.0))) <= 1.0);
}

RC_GTEST_PROP(DirectivityProperty, BeyondTheBaffleStaysAtNinetyDegrees, ())
{
    const double radius = tests::between(0.005, 0.2), f = tests::between(20.0, 20000.0);
    RC_ASSERT(pistonArgument(radius, tests::between(1.6, 3.1), f) == pistonArgument(radius, 0.5 * pi, f));
}

}  // namespace
}  // namespace core
