// Laws that hold for every network, driver and distance, whatever the figures.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/base/grid.h"
#include "core/physics/driver.h"
#include "core/physics/network.h"
#include "core/physics/path.h"
#include "core/physics/preferred_values.h"
#include "core/physics/stereo.h"

namespace core {
namespace {

double between(double low, double high)
{
    return low * std::pow(high / low, *rc::gen::inRange(0, 10001) / 10000.0);
}

// A ladder of random parts, always with a way to ground.
Network randomLadder()
{
    Network network;
    int last = addNode(network, "in");
    network.elements.push_back({NetworkKind::VoltageSource, "V1", last, 0, 1.0});
    for (int rung = 0; rung < *rc::gen::inRange(1, 6); ++rung) {
        const int next = addNode(network, "n" + std::to_string(rung));
        network.elements.push_back({NetworkKind::Resistor, "Rs", last, next, between(0.01, 50.0)});
        const bool coil = *rc::gen::arbitrary<bool>();
        const double value = coil ? between(1e-5, 1e-2) : between(1e-7, 1e-3);
        network.elements.push_back({coil ? NetworkKind::Inductor : NetworkKind::Capacitor, "X", next, 0, value});
        network.elements.push_back({NetworkKind::Resistor, "Rp", next, 0, between(0.5, 500.0)});
        last = next;
    }
    return network;
}

RC_GTEST_PROP(NetworkProperty, ThePowerThatLeavesTheSourceEndsInTheResistors, ())
{
    const Network network = randomLadder();
    const auto solution = solveNetwork(network, Eigen::ArrayXd::Constant(1, between(20.0, 20000.0)));
    RC_ASSERT(solution.has_value());
    const auto current = [&](size_t element) { return elementCurrent_a(network, solution->value, element)(0); };
    double taken = 0.0;
    for (size_t i = 0; i < network.elements.size(); ++i)
        if (network.elements[i].kind == NetworkKind::Resistor)
            taken += std::norm(current(i)) * network.elements[i].value;
    const double given = -current(0).real();  // one volt, no phase
    RC_ASSERT(std::abs(taken / given - 1.0) < 1e-9);
}

RC_GTEST_PROP(NetworkProperty, IsPassive, ())
{
    const Network network = randomLadder();
    const auto solution = solveNetwork(network, frequencyGrid_hz());
    RC_ASSERT(solution.has_value());
    RC_ASSERT((-elementCurrent_a(network, solution->value, 0).inverse()).real().minCoeff() > 0.0);
}

RC_GTEST_PROP(NetworkProperty, VoltsScaleWithTheSource, ())
{
    Network network = randomLadder();
    const Eigen::ArrayXd at = Eigen::ArrayXd::Constant(1, between(20.0, 20000.0));
    const auto once = solveNetwork(network, at);
    network.elements.front().value = 7.0;
    const auto seven = solveNetwork(network, at);
    RC_ASSERT(((seven->value.voltage_v - 7.0 * once->value.voltage_v).abs() < 1e-9).all());
}

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
    RC_ASSERT(std::abs(leftAndRight_pa2(left, right, at, {})(0) - leftAndRight_pa2(right, left, at, {})(0)) < 1e-12);
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
