#pragma once

#include <cmath>
#include <complex>
#include <numbers>

namespace core {

// 20 log of a ratio of volts or pressures, 10 log of a ratio of powers, and back; log of 0 is -infinity, so ask first.
[[nodiscard]] inline double decibels(double ratio)
{
    return 20.0 * std::log10(ratio);
}
[[nodiscard]] inline double powerDecibels(double ratio)
{
    return 10.0 * std::log10(ratio);
}
[[nodiscard]] inline double ratioOf(double level_db)
{
    return std::pow(10.0, level_db / 20.0);
}
[[nodiscard]] inline double powerRatioOf(double level_db)
{
    return std::pow(10.0, level_db / 10.0);
}

// Phase wrapped to (-180, +180].
[[nodiscard]] inline double wrappedDegrees(double degrees)
{
    const double wrapped = std::remainder(degrees, 360.0);
    return wrapped <= -180.0 ? wrapped + 360.0 : wrapped;
}
[[nodiscard]] inline double degreesOf(std::complex<double> value)
{
    return wrappedDegrees(std::arg(value) * 180.0 / std::numbers::pi);
}

// S(2.83 V) = S(1 W) + 10 log(8 / Zref). A stated "1 W" is 1 W in the nominal impedance, so the reference is always
// named.      source  IEC 60268-5
[[nodiscard]] inline double atTestVoltage_db(double oneWatt_db, double reference_ohm)
{
    return oneWatt_db + powerDecibels(8.0 / reference_ohm);
}

}  // namespace core
