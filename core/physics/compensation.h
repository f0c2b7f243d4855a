#pragma once

#include <Eigen/Core>

#include "core/physics/driver.h"

namespace core {

// Branches across a driver that make it look resistive to a filter.
struct SeriesBranch {
    double r_ohm = 0.0, l_h = 0.0, c_f = 0.0;  // 0: not there
};

// Rz = Re, Cz = Le / Re^2: exact for Re and Le.      requires le > 0
[[nodiscard]] SeriesBranch inductanceCompensation(double re_ohm, double le_h);

// R = Re (1 + Qes / Qms), L = Re Qes / ws, C = 1 / (ws Re Qes): exact where Le = 0.
// source  network duality; Small
[[nodiscard]] SeriesBranch resonanceTrap(const DriverParameters& driver);

// Both at once, exactly: Re in series with [Cz in parallel with the series chain]; the chain is R = Re^2 / Res,
// L = Re^2 Cmes, C = Lces / Re^2. Two separate branches are only approximate.
struct ExactCompensation {
    double r_ohm = 0.0, c_f = 0.0;
    SeriesBranch chain{};
};
[[nodiscard]] ExactCompensation exactCompensation(const DriverParameters& driver);

// For a lossy coil, Z = Re + K (jw)^n: R and C in series that make |Z| in parallel with them as flat as they can over
// two octaves around the crossover, found by least squares of ln |Z / Re|.
struct LossyCoil {
    double re_ohm = 3.3;
    double k = 0.0, exponent = 0.7;  // K in ohm s^n
};
struct FittedCompensation {
    SeriesBranch branch{};
    double ripple_db = 0.0;  // largest minus least |Z| in those two octaves, in dB
};
[[nodiscard]] FittedCompensation fittedCompensation(const LossyCoil& coil, double crossover_hz);

}  // namespace core
