#pragma once

#include <Eigen/Core>
#include <functional>
#include <vector>

#include "core/base/outcome.h"

namespace core {

// f0 = 1 / (2 pi R C), the corner of a series capacitor into a resistance. Source: circuit theory.
// errors  OutOfDomain (not > 0), NotFinite
[[nodiscard]] Outcome<double> seriesCapacitorCorner_hz(double capacitance_f, double resistance_ohm);
[[nodiscard]] Outcome<double> seriesCapacitance_f(double corner_hz, double resistance_ohm);

// Frequencies at which a transfer magnitude crosses -3.0103 dB (half the power), highest first. With a real driver
// there may be none, one or several. The samples bracket, `magnitudeAt` refines to 1e-9 relative. frequency_hz  n
// rising values, 48 and more an octave;  magnitude  n ratios re the source voltage
[[nodiscard]] std::vector<double> halfPowerCrossings_hz(const Eigen::ArrayXd& frequency_hz,
                                                        const Eigen::ArrayXd& magnitude,
                                                        const std::function<double(double frequency_hz)>& magnitudeAt);

}  // namespace core
