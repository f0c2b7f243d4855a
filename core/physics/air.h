#pragma once

namespace core {

// Air at 20 degC and 101325 Pa: c = 331.3 sqrt(T_K / 273.15), rho = p / (287.058 T_K).
inline constexpr double kSoundSpeed_m_s = 343.21462268256795;
inline constexpr double kAirDensity_kg_m3 = 1.2040847588826422;
inline constexpr double kReferencePressure_pa = 20e-6;

}  // namespace core
