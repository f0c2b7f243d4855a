#pragma once

#include <cmath>
#include <numbers>

namespace core {

// Cross-section of AWG n (1/0 = 0, 2/0 = -1, 3/0 = -2, 4/0 = -3): d = 0.127 mm x 92^((36 - n) / 39). Source: ASTM B258
[[nodiscard]] inline double awgArea_m2(double gauge)
{
    const double diameter_m = 0.127e-3 * std::pow(92.0, (36.0 - gauge) / 39.0);
    return std::numbers::pi / 4.0 * diameter_m * diameter_m;
}

// One conductor: R = rho (1 + lay) L / A, annealed copper at 20 degC, rho = 1.7241e-8 ohm m.
// requires length_m >= 0, area_m2 > 0, lay >= 0      source  IEC 60028 (copper)
struct Conductor {
    double length_m = 0.0;
    double area_m2 = 1e-6;
    double lay = 0.0;  // strands run round, so they are longer than the cable
};
[[nodiscard]] inline double conductorResistance_ohm(const Conductor& conductor)
{
    constexpr double kCopper_ohm_m = 1.7241e-8;
    return kCopper_ohm_m * (1.0 + conductor.lay) * conductor.length_m / conductor.area_m2;
}

}  // namespace core
