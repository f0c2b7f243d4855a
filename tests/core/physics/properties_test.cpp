// Laws that hold for every network, driver and distance, whatever the figures.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/base/grid.h"
#include "core/physics/driver.h"
#include "core/physics/path.h"
#include "core/physics/preferred_values.h"
#include "core/physics/stereo.h"
#include "tests/core/random_values.h"

namespace core {
namespace {

using tests::between;

RC_GTEST_PROP(DriverProperty, ImpedanceIsNeverUnderReAndHighestAtResonance, ())
{
    const DriverParameters driver{.re_ohm = between(1.0, 16.0),
                                  .le_h = 0.0,
                                  .fs_hz = between(30.0, 2000.0),
                                  .qms = between(1.0, 10.0),
                                  .qes = between(0.2, 2.0),
                                  .vas_m3 = between(1e-4, 0.1),
                                  .sd_m2 = between(1e-4, 0.1)};
    const Eigen::ArrayXd magnitude = impedance_ohm(driver, frequencyGrid_hz()).abs();
    RC_ASSERT(magnitude.minCoeff() >= driver.re_ohm * (1.0 - 1e-12));
    const double peak = std::abs(impedance_ohm(driver, Eigen::ArrayXd::Constant(1, driver.fs_hz))(0));
    RC_ASSERT(std::abs(peak / (driver.re_ohm * (1.0 + driver.qms / driver.qes)) - 1.0) < 1e-9);
    RC_ASSERT(magnitude.maxCoeff() <= peak * (1.0 + 1e-9));
}

RC_GTEST_PROP(PathProperty, LevelFallsWithDistance, ())
{
    const double near_m = between(0.05, 5.0);
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    RC_ASSERT((directPath(near_m * 1.01, grid).abs() < directPath(near_m, grid).abs()).all());
}

RC_GTEST_PROP(StereoProperty, ChangingSidesChangesNothing, ())
{
    const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, between(20.0, 20000.0));
    const Eigen::ArrayXcd left = Eigen::ArrayXcd::Constant(1, std::polar(between(0.01, 10.0), between(0.01, 6.0)));
    const Eigen::ArrayXcd right = Eigen::ArrayXcd::Constant(1, std::polar(between(0.01, 10.0), between(0.01, 6.0)));
    RC_ASSERT(std::abs(leftAndRight_pa2(left, right, randomShare(at, {}))(0) -
                       leftAndRight_pa2(right, left, randomShare(at, {}))(0)) < 1e-12);
}

// A value of a series is the nearest to itself, and no value is further off than half a step (IEC 60063: six steps a
// decade).
RC_GTEST_PROP(PreferredProperty, IsNeverFartherThanHalfAStep, ())
{
    const double value = between(1e-9, 1e6);
    const double preferred = nearestPreferred(value, PreferredSeries::E6)->value;
    RC_ASSERT(std::abs(std::log10(preferred / value)) < 0.5 / 6.0 + 0.02);
    RC_ASSERT(nearestPreferred(preferred, PreferredSeries::E6)->value == preferred);
}

}  // namespace
}  // namespace core
