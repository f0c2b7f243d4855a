#pragma once

#include <Eigen/Core>

#include "core/base/outcome.h"

namespace core {

struct AmplifierRating {
    double power_w = 0.0;  // continuous sine into the load
    double load_ohm = 0.0;
};

// What a channel can do at its terminals, from one rating: V0 = sqrt(P R), Imax = sqrt(P / R). (More ratings add a
// sag.)
struct OutputLimits {
    double voltage_v = 0.0;  // rms, into any load the current allows
    double current_a = 0.0;  // rms, into a resistance
};

// source  IEC 60268-3 for what a rating means; the model is common practice
// errors  OutOfDomain (power or load not > 0), NotFinite
[[nodiscard]] Outcome<OutputLimits> outputLimits(const AmplifierRating& rating);

// The largest rms voltage into |Z|: min(V0, Imax |Z| / complexLoad). Ratings are at nominal loads and a driver's |Z|
// may fall to complexLoad (0.8) of its nominal, IEC 60268-5, so the current limit is widened by that much. n values,
// each > 0.
[[nodiscard]] Eigen::ArrayXd largestVoltage_v(const OutputLimits& limits, const Eigen::ArrayXd& magnitude_ohm,
                                              double complexLoad);

}  // namespace core
