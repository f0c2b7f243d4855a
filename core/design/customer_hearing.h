#pragma once

#include <Eigen/Core>
#include <optional>

#include "core/model/evaluation.h"

namespace core {

// What this customer hears of the prediction. An estimate for planning, no test of hearing.

// The least level each ear hears: what a normal ear needs (ISO 226) and what this one needs more, linear in log f
// between the audiogram's frequencies, the ends held. Nothing for an ear without an audiogram.
[[nodiscard]] Ears<std::optional<Eigen::ArrayXd>> hearingThresholds_db(const Plan& plan,
                                                                       const Eigen::ArrayXd& frequency_hz);

// How much of one band this listener's better ear hears before and after, as shares of the band in octaves; nothing
// without an audiogram.
struct BandHeard {
    double before_ratio = 0.0, after_ratio = 0.0;
};
[[nodiscard]] std::optional<std::array<BandHeard, kBandCount>> bandsHeard(const Plan& plan,
                                                                          const Evaluation& evaluation,
                                                                          ListenerId listener);

}  // namespace core
