#pragma once

#include <cmath>

namespace core {

inline constexpr double kReferencePressure_pa = 20e-6;

struct Air {
    double soundSpeed_m_s = 0.0;
    double density_kg_m3 = 0.0;
};

// c = 331.3 sqrt(T_K / 273.15), rho = p / (287.058 T_K), p = 101325 Pa. Valid from -40 to +60 degC.
[[nodiscard]] inline Air airAt(double temperature_degc)
{
    const double kelvin = temperature_degc + 273.15;
    return {331.3 * std::sqrt(kelvin / 273.15), 101325.0 / (287.058 * kelvin)};
}

// At 20 degC, to full precision.
inline constexpr double kSoundSpeed_m_s = 343.21462268256795;
inline constexpr double kAirDensity_kg_m3 = 1.2040847588826422;

}  // namespace core
