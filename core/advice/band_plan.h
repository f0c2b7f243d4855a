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
    Eigen::ArrayXd level_db{};  // third-octaves, mean of both ears, per source volt; both sides together
    std::vector<BandStretch>
        carries{};  // where it is no more than `BandCarries_db` under the loudest, and that is heard
    std::optional<double> channelHighPass_hz{}, ownHighPass_hz{};  // the channel's, and that of the parts before it
    bool doubled = false;                                          // they are so near that both cut the same notes
    double travel_ratio = 0.0;                                     // with programme, of Xmax; 0: of a tweeter
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
    std::vector<BandRow> rows{};              // from the lowest up
    std::vector<BandStretch> gaps{};          // between, where it is
    std::vector<BandOverlap> overlaps{};      // wider than an octave
    std::vector<BandRelief> relief{};
};

// Nothing where that listener hears nothing.
[[nodiscard]] std::optional<BandPlan> bandPlan(const StageResult& stage, const StageResult& found, ListenerId listener,
                                               const Practice& practice, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
