#pragma once

#include "core/limits/verdict.h"

namespace core {

// LoadUnderMinimum: the least load of a channel against its stable minimum.
// came  everything on the channel is as it was found: what the source has always driven is a Note
// known  how the minimum is known is part of the doubt: the verdict's figure carries the worse of the two
[[nodiscard]] std::optional<Verdict> loadLimit(const Computed& least_ohm, const Known& minimum, bool came,
                                               const Practice& practice);

// LowerLoadOnFactory: the resistance at a driver's leads against the old one's, on a source that came with the vehicle.
// A Stop only where nobody knows the source's minimum.
[[nodiscard]] std::optional<Verdict> lowerLoadLimit(const Known& now, const Known& old, bool minimumGuessed,
                                                    const Practice& practice);
// The same as a ratio, for whoever wants it graded though it is accepted.
[[nodiscard]] Computed lowerLoadRatio(const Known& now, const Known& old);

// CoilOverRating: programme over the rating, or a sine far over it where nothing keeps the lows out; the one that fires
// is the figure, the sine where both do.
struct CoilHeat {
    double sine_w = 0.0, programme_w = 0.0;
    Known rating{};
    bool highPass = false;
    Origin worst = Origin::Measured;
};
[[nodiscard]] std::optional<Verdict> heatLimit(const CoilHeat& heat, const Practice& practice);

// TravelWithProgramme, or SubwooferTravel for a subwoofer's sine.
struct ConeTravel {
    double travel_m = 0.0, xmax_m = 0.0;
    bool subwoofer = false;
    bool stood = false;  // nobody changed it: a Note
    Origin worst = Origin::Measured;
};
[[nodiscard]] std::optional<Verdict> travelLimit(const ConeTravel& travel, const Practice& practice);

// Nobody chose it: the same driver, and the same reaches it; the same load.
[[nodiscard]] bool isAsFound(const StageResult& found, const RunResult& run);
[[nodiscard]] bool isAsFound(const StageResult& found, const CircuitResult& circuit);

// Whether a coil is a tweeter's, by its cone's area.
[[nodiscard]] bool isTweeter(const RunResult& run, const Practice& practice);
// How far the volts at a coil near a frequency lie under its largest, as a negative level.
// frequency_hz  of the run's transfer
[[nodiscard]] double underLargest_db(const RunResult& run, const Eigen::ArrayXd& frequency_hz, double at_hz);
// TweeterUnprotected: what a tweeter gets at a tenth of its resonance, under its largest volts; the figure is negative.
// Nothing of any other driver.
// frequency_hz  of the run's transfer
[[nodiscard]] std::optional<Verdict> protectionLimit(const RunResult& run, const Eigen::ArrayXd& frequency_hz,
                                                     const Practice& practice);
// Where that is looked at.
[[nodiscard]] double protectedFrom_hz(const RunResult& run, const Eigen::ArrayXd& frequency_hz,
                                      const Practice& practice);

// The sine travel of a subwoofer's cone from where it is judged: the higher of practice's lowest frequency and a share
// of its box's tuning.
struct SubwooferSine {
    double travel_m = 0.0, at_hz = 0.0;
};
[[nodiscard]] std::optional<SubwooferSine> subwooferSine(const ConeResult& cone, std::optional<double> tuning_hz,
                                                         const Eigen::ArrayXd& frequency_hz, const Practice& practice);

}  // namespace core
