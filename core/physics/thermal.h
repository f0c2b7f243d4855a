#pragma once

namespace core {

inline constexpr double kCopperCoefficient_per_k = 0.00393;
inline constexpr double kAluminiumCoefficient_per_k = 0.00403;
inline constexpr double kReCoilTemperature_degc = 20.0;  // Re is stated there

struct VoiceCoilHeat {
    double re_ohm = 3.3;          // at 20 degC
    double resistance_k_w = 3.0;  // coil to surroundings
    double ambient_degc = 20.0;
    double coefficient_per_k = kCopperCoefficient_per_k;
};

struct HotCoil {
    double resistance_ratio = 1.0;  // u: hot over 20 degC
    double rise_k = 0.0;            // over ambient
    double loss_db = 0.0;           // of level, in the resistive band
};

// Constant rms voltage V on the coil: u = (ua + sqrt(ua^2 + 4 alpha Rth V^2 / Re)) / 2, ua = 1 + alpha (Tamb - 20);
// rise = Rth V^2 / (Re u); loss = 20 log(u / ua).
// valid   steady state, resistive band, one time constant      requires re, resistance > 0
// source  C. A. Henricksen, J. Audio Eng. Soc. 35 (1987); D. J. Button, same, 40 (1992)
[[nodiscard]] HotCoil hotCoil(const VoiceCoilHeat& coil, double voltage_v);

struct ThermalLimit {
    double heat_w = 0.0;     // (Tmax - Tamb) / Rth, in the hot coil
    double voltage_v = 0.0;  // sqrt(u(Tmax) Re heat): the watts of a sheet are this squared over the nominal impedance
};
// requires limit_degc above ambient
[[nodiscard]] ThermalLimit thermalLimit(const VoiceCoilHeat& coil, double limit_degc);

}  // namespace core
