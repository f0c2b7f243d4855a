#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/physics/driver.h"

namespace core {

// The box behind a driver as far as its coil feels it.
struct Box {
    double volume_m3 = 0.02;
    std::optional<double> tuning_hz{};  // fb; none: closed
    std::optional<double> leakQ{};      // QL; none: tight
    std::optional<double> portQ{};      // Qp; none: no loss in the port
    bool leaksOutdoors = false;         // drain holes, outer skin; else the leak is heard
    bool operator==(const Box&) const = default;
};

// The driver with the losses of its closed box in it, Q_mc: Rms = 2 pi fc Mms / Q_mc, so Qms = Q_mc / sqrt(1 + alpha).
[[nodiscard]] DriverParameters withBoxLosses(DriverParameters driver, double box_m3, double boxQ);

// What the box adds across Res, Cmes and Lces: a series chain of L (the air's spring), R (leak) and, vented, C (the air
// in the port) with R across it. 0 stands for a part that is not there.
struct BoxElements {
    double spring_h = 0.0;      // L = Cab Bl^2 / Sd^2 = Lces / alpha
    double leak_ohm = 0.0;      // R = Bl^2 / (Sd^2 Ral)
    double port_f = 0.0;        // C = Map Sd^2 / Bl^2
    double portLoss_ohm = 0.0;  // Bl^2 / (Sd^2 Rap)
};

// Cab = Vb / (rho c^2), Map = 1 / ((2 pi fb)^2 Cab); QL = wb Cab Ral vented, wc Cab Ral closed, wc = 2 pi fs sqrt(1 +
// alpha); Qp = wb Map / Rap.      requires all > 0
// source  R. H. Small, "Vented-box loudspeaker systems", J. Audio Eng. Soc. 21 (1973)
[[nodiscard]] BoxElements boxElements(const DriverParameters& driver, const Box& box);

// The boxed driver as a load: what an amplifier or a crossover really sees.
[[nodiscard]] Eigen::ArrayXcd boxedImpedance_ohm(const DriverParameters& driver, const Box& box,
                                                 const Eigen::ArrayXd& frequency_hz, const CoilLoss& loss = {});

}  // namespace core
