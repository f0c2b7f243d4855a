#include "core/physics/thermal.h"

#include <cassert>
#include <cmath>

#include "core/physics/level.h"

namespace core {
namespace {

double ratioAt(const VoiceCoilHeat& coil, double temperature_degc)
{
    return 1.0 + coil.coefficient_per_k * (temperature_degc - kReCoilTemperature_degc);
}

}  // namespace

HotCoil hotCoil(const VoiceCoilHeat& coil, double voltage_v)
{
    assert(coil.re_ohm > 0.0 && coil.resistance_k_w > 0.0);
    const double ambient = ratioAt(coil, coil.ambient_degc);
    const double cold_w = voltage_v * voltage_v / coil.re_ohm;
    const double u =
        0.5 * (ambient + std::sqrt(ambient * ambient + 4.0 * coil.coefficient_per_k * coil.resistance_k_w * cold_w));
    return {u, coil.resistance_k_w * cold_w / u, decibels(u / ambient)};
}

ThermalLimit thermalLimit(const VoiceCoilHeat& coil, double limit_degc)
{
    assert(limit_degc > coil.ambient_degc && coil.resistance_k_w > 0.0);
    const double heat_w = (limit_degc - coil.ambient_degc) / coil.resistance_k_w;
    return {heat_w, std::sqrt(ratioAt(coil, limit_degc) * coil.re_ohm * heat_w)};
}

}  // namespace core
