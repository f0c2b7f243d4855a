#pragma once

#include <cmath>
#include <numbers>

namespace core {

inline constexpr double kLeastGauge_awg = -3.0, kGreatestGauge_awg = 40.0;  // 4/0 to 40

// Diameter of AWG n (1/0 = 0, 2/0 = -1, 3/0 = -2, 4/0 = -3): d = 0.127 mm x 92^((36 - n) / 39). Source: ASTM B258
[[nodiscard]] inline double awgDiameter_m(double gauge)
{
    return 0.127e-3 * std::pow(92.0, (36.0 - gauge) / 39.0);
}
[[nodiscard]] inline double awgArea_m2(double gauge)
{
    const double diameter_m = awgDiameter_m(gauge);
    return std::numbers::pi / 4.0 * diameter_m * diameter_m;
}

// One conductor: R = rho kc (1 + lay) L / A, rho = 1.7241e-8 (1 + alpha (T - 20)) ohm m, annealed copper.
// requires length_m >= 0, area_m2 > 0, lay >= 0, -40..120 degC
// source  IEC 60028 (copper); ASTM B566 (copper-clad aluminium)
struct Conductor {
    double length_m = 0.0;
    double area_m2 = 1e-6;
    double lay = 0.0;  // strands run round, so they are longer than the cable
    double temperature_degc = 20.0;
    double cladding = 1.0;               // kc: resistance relative to copper
    double coefficient_per_k = 0.00393;  // of the resistivity at 20 degC; clad wire 0.00405
};
[[nodiscard]] inline double conductorResistance_ohm(const Conductor& conductor)
{
    constexpr double kCopper_ohm_m = 1.7241e-8;
    const double warming = 1.0 + conductor.coefficient_per_k * (conductor.temperature_degc - 20.0);
    return kCopper_ohm_m * warming * conductor.cladding * (1.0 + conductor.lay) * conductor.length_m /
           conductor.area_m2;
}

}  // namespace core
