#pragma once

#include <Eigen/Core>
#include <span>

#include "core/base/outcome.h"

namespace core {

struct AmplifierRating {
    double power_w = 0.0;  // continuous sine into the load
    double load_ohm = 0.0;
};

// Beyond its highest rated load a channel gives little more voltage than at it. Common practice, no source.
struct RatingPractice {
    double mostRise_ratio = 1.10;  // of the voltage, above the highest rated load
    double flatExponent_ratio =
        0.263;  // ratings that rise less than (Ra/Rb)^this are a regulated or current-limited stage
};

// What a channel can do at its terminals: V(R) = min(V0 R / (R + r), Imax R, cap beyond the highest rated load).
// The sag limits the largest voltage only; the small-signal source resistance is another quantity.
struct OutputLimits {
    double voltage_v = 0.0;                              // V0: rms, open circuit
    double current_a = 0.0;                              // Imax: rms, into a resistance
    double sag_ohm = 0.0;                                // r
    double highestLoad_ohm = 0.0, lowestLoad_ohm = 0.0;  // rated loads Ra, Rb; beyond Ra the caps hold
    double cap_v = 0.0, cap_w = 0.0;
    bool operator==(const OutputLimits&) const = default;
};

// From the ratings at the highest and lowest load: Va = sqrt(Pa Ra), Ia = sqrt(Pa / Ra), Vb, Ib likewise,
// r = (Va - Vb) / (Ib - Ia), V0 = Va + r Ia, Imax = Ib. One rating: r = 0. Ratings between are only a check.
// errors    OutOfDomain (none; power or load not > 0), NotFinite, Inconsistent (power falls faster than the load)
// warnings  RatingsFlat, RatingMoreThanDoubles, MiddleRatingOff (by more than 10 %)
// source    common practice; IEC 60268-3 for what a rating means
[[nodiscard]] Outcome<OutputLimits> outputLimits(std::span<const AmplifierRating> ratings,
                                                 const RatingPractice& practice);

// Two equal channels in bridge: V0 and r double, the current stays. `rating`, if it has a power, scales everything down
// to a bridged rating that lies below the model; one above it changes nothing.
[[nodiscard]] OutputLimits bridged(const OutputLimits& channel, const AmplifierRating& rating = {});

// An unregulated stage on another supply: V0, the caps and Imax follow the ratio of the supplies.
[[nodiscard]] OutputLimits onSupply(OutputLimits limits, double supplyRatio);

// The largest rms voltage into |Z|. complexLoad: 1 for a resistance; a driver's |Z| may fall to 0.8 of its nominal
// (IEC 60268-5), so for it the current limit is widened by 1/0.8. n values, each > 0.
[[nodiscard]] Eigen::ArrayXd largestVoltage_v(const OutputLimits& limits, const Eigen::ArrayXd& magnitude_ohm,
                                              double complexLoad);

enum class LoadVerdict { Silent, Care, Stop };

// A stable minimum is a nominal load, so |Z| may fall to `care` (0.80, IEC 60268-5) of it; below `stop` (0.70, common
// practice) nobody would call it that load any more.
[[nodiscard]] LoadVerdict loadVerdict(double leastSeen_ohm, double minimum_ohm, double care, double stop);

}  // namespace core
