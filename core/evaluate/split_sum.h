#pragma once

#include <optional>
#include <vector>

#include "core/model/evaluation.h"
#include "core/practice/practice.h"

namespace core {

// Two drivers of one side of which the one takes over from the other: runs of a stage, by their number.
struct SplitPair {
    size_t low = 0, high = 0;
    bool operator==(const SplitPair&) const = default;
};

// Each driver and the larger one that it takes over from: of its own device (a coaxial), else of its board, else of its
// row of seats, on its channel before another; else so in another row. The smallest of them, then the nearest.
// Nothing for a driver that has no larger one within reach.
[[nodiscard]] std::vector<SplitPair> splitPairs(const StageResult& stage, const Practice& practice);

// Whether a filter can lie between them: one channel feeds both, and they are no one device.
[[nodiscard]] bool canBeParted(const StageResult& stage, const SplitPair& pair);
// Whether what their channels are set to can part them: each has a channel of its own, and nobody knows that its filter
// is missing.
[[nodiscard]] bool canBeSet(const StageResult& stage, const SplitPair& pair);
// The pair in which this driver takes over; none where it does from nobody.
[[nodiscard]] std::optional<SplitPair> splitPairOf(const StageResult& stage, DeviceId high, const Practice& practice);

// As loud as each other, to the ear: ours, no source.
inline constexpr double kEquallyLoud_db = 3.0;

// How both sound together, one way round.
struct SplitTogether {
    Eigen::ArrayXd level_db{};              // third-octaves, mean of both ears, per source volt
    double hole_db = 0.0, holeAt_hz = 0.0;  // deepest under the line from the octave below to the octave above, >= 0
    double even_db = 0.0;                   // furthest from that line either way
};

// How far a sum leaves its own line where one takes over from the other; what one of them alone lacks elsewhere is not
// theirs together.
struct OffLine {
    double wide_octave = 0.0;  // the stretch that it lies in and that is further off than asked
    double most_db = 0.0;      // within it; negative: too little
    double most_hz = 0.0;
};
// The line runs from the third octave below the hand-over to the third above it; what lies between is looked at.
// off_db  more than so much over it; negative: more than that under it
[[nodiscard]] OffLine offLine(const Eigen::ArrayXd& level_db, double at_hz, double off_db);

// The hand-over as one listener hears it.
struct SplitSum {
    Eigen::ArrayXd low_db{}, high_db{};  // each alone, the same way
    std::optional<double> at_hz{};       // where the higher takes over: both equally loud
    std::optional<double> meet_hz{};     // the same, however quiet both are there
    int crossings = 0;                   // places where they are equally loud and not far under the loudest
    double sideBySide_octave = 0.0;      // how long they play within a few dB of each other about it
    double phase_deg = 0.0;              // the higher against the lower one there, at the ear that hears it better
    SplitTogether wired{}, turned{};     // as it is wired, and with the higher one turned over
    [[nodiscard]] Eigen::ArrayXd energy_db() const;  // of both, whatever their phases
    [[nodiscard]] bool clear() const { return at_hz && crossings == 1 && sideBySide_octave < 1.0; }
};

// Nothing where the listener is not there or one of them is silent.      requires runs of the stage
[[nodiscard]] std::optional<SplitSum> splitSum(const StageResult& stage, const SplitPair& pair, ListenerId listener);
// For whom the sum is more even as it is wired, and for whom with the higher one turned over: it follows from the ways
// to their ears. Who hears one of them alone is in neither.
struct SeatsOfSplit {
    std::vector<ListenerId> wired{}, turned{};
};
[[nodiscard]] SeatsOfSplit seatsOf(const StageResult& stage, const SplitPair& pair);
// The same of any two legs: pressure at each ear per source volt, over frequencyGrid_hz().
[[nodiscard]] SplitSum splitSumOf(const Ears<Eigen::ArrayXcd>& low_pa_v, const Ears<Eigen::ArrayXcd>& high_pa_v);

}  // namespace core
