#pragma once

#include <optional>
#include <vector>

#include "core/limits/verdict.h"
#include "core/model/evaluation.h"

namespace core {

// Who plays what: all drivers of a stage on one scale of frequency, as one listener hears them.

struct BandStretch {
    double from_hz = 0.0, to_hz = 0.0;
    [[nodiscard]] double octaves() const;
    bool operator==(const BandStretch&) const = default;
};

// One driver; what repeats it on the other side plays the same.
struct BandRow {
    RunId run{};
    // Third-octaves, mean of both ears, per source volt; both sides together.
    Eigen::ArrayXd level_db{};
    // Where it is no more than BandCarries_db under the loudest of them, and that is heard.
    std::vector<BandStretch> carries{};
    std::optional<double> channelHighPass_hz{}, ownHighPass_hz{};  // the channel's, and that of the parts before it
    bool doubled = false;                                          // they are so near that both cut the same notes
    std::optional<double> travel_ratio{};                          // with programme, of Xmax; not of a tweeter
    std::optional<double> before_ratio{};                          // the same of what was found in its place
};

// Two of them that take over from each other, or a subwoofer and what plays above it, both about equally loud.
struct BandOverlap {
    size_t low = 0, high = 0;  // rows
    BandStretch where{};
};

// What a subwoofer that was added gives a cone that was there: nothing, as long as no filter takes its lows.
struct BandRelief {
    size_t row = 0;
    double before_ratio = 0.0, after_ratio = 0.0;
    [[nodiscard]] bool relieved() const;
};

struct BandPlan {
    Eigen::ArrayXd frequency_hz{}, sum_db{};  // third-octaves, all together
    double line_db = 0.0;                     // the sum's mean from 200 Hz to 5 kHz
    BandStretch plays{};                      // where the sum is not further than `BandGap_db` under it, at both ends
    std::vector<BandRow> rows{};              // the largest cone first
    std::vector<BandStretch> gaps{};          // between, where it is
    std::vector<BandOverlap> overlaps{};      // wider than an octave
    std::vector<BandRelief> relief{};
};

// Nothing where that listener hears nothing.
[[nodiscard]] std::optional<BandPlan> bandPlan(const StageResult& stage, const StageResult& found, ListenerId listener,
                                               const Practice& practice, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
