#pragma once

#include <optional>

#include "core/physics/level.h"

namespace core {

// Attenuating one leg: two resistors that keep the load as it was, or one in series that raises it to Z / k.
struct Pad {
    double series_ohm = 0.0;            // R1 = Z (1 - k)
    std::optional<double> shunt_ohm{};  // R2 = Z k / (1 - k); none at 0 dB
    double plainSeries_ohm = 0.0;       // Z (1/k - 1), alone
};

// k = 10^(-A / 20).      requires attenuation_db >= 0, load_ohm > 0      source  circuit theory
[[nodiscard]] inline Pad pad(double attenuation_db, double load_ohm)
{
    const double k = ratioOf(-attenuation_db);
    Pad result{load_ohm * (1.0 - k), {}, load_ohm * (1.0 / k - 1.0)};
    if (k < 1.0) result.shunt_ohm = load_ohm * k / (1.0 - k);
    return result;
}

}  // namespace core
