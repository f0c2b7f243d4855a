#pragma once

#include "core/limits/verdict.h"

namespace core {

// How steeply the lows are taken from a run, in orders of 6 dB an octave, far under its corner: capacitors in series,
// coils across it and filters of the channel together. 0: nothing takes them.
// frequency_hz  of the run's transfer
[[nodiscard]] int highPassOrder(const RunResult& run, const Eigen::ArrayXd& frequency_hz);

// Where a run's own high-pass begins: the highest frequency at which its coil gets 3.0103 dB less than in the top
// octave; nothing where it never does.
[[nodiscard]] std::optional<double> highPassCorner_hz(const Eigen::ArrayXd& magnitude,
                                                      const Eigen::ArrayXd& frequency_hz);

// What a channel itself takes the lows with: its setting, else what is built in.
[[nodiscard]] std::optional<Known> channelHighPass(const StageResult& stage, const Port& channel);

// From where on a filter of the order that is there spares this tweeter, against its resonance.
[[nodiscard]] double sparedFrom_hz(const RunResult& run, const Eigen::ArrayXd& frequency_hz, const Practice& practice);
// Over what a cone beams, 6 dB down at 45 degrees.
[[nodiscard]] double beamsOver_hz(const RunResult& run);

// SplitNearResonance: where a tweeter's filter begins, against its resonance. Nothing of another driver, and of one
// that has no filter.
[[nodiscard]] std::optional<Verdict> splitNearLimit(const RunResult& run, const Eigen::ArrayXd& frequency_hz,
                                                    const Practice& practice);

// SplitAboveBeaming: the hand-over against where the lower cone begins to beam.
[[nodiscard]] std::optional<Verdict> beamingLimit(double splitAt_hz, const RunResult& low);

// StackedHighPasses: two filters that both take the lows, by how far apart they begin.
[[nodiscard]] std::optional<Verdict> stackedLimit(double one_hz, double other_hz, Origin worst,
                                                  const Practice& practice);

// PartOverRating: a capacitor's volts against what it bears: the least that should be bought, a Stop where its peak is
// over the rating itself.
[[nodiscard]] std::optional<Verdict> partLimit(const PartBurden& burden, const Known& rating);

}  // namespace core
