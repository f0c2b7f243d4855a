#pragma once

#include <optional>
#include <vector>

#include "core/model/finding.h"

namespace core {

// The value that is most worth measuring.
struct NextReading {
    Address what{};
    StageId stage{};    // where it is
    DeviceId device{};  // that it belongs to; none: a place
    Known value{};      // as it is taken now
    double spread = 0.0;
    std::optional<RuleId> settles{};  // the worst finding that it narrows; none: how loud the bands can get
    double share = 0.0;               // of what is in doubt there, by power: 1 if it alone decides
    bool operator==(const NextReading&) const = default;
};

// What can be done about it here and now: an ohmmeter's reading typed in. Nothing for what takes another instrument.
[[nodiscard]] std::optional<Mend> readingMend(const NextReading& next);

// The reading that most narrows one finding; nothing while no spread is known.
[[nodiscard]] std::optional<NextReading> settlingReading(const Evaluation& evaluation, const Finding& finding);

// The reading that most narrows the worst finding in doubt, else how loud the goal can get at the first listener's
// ears. Nothing while no spread is known, and where nothing unmeasured matters.
// findings  of judge(), worst first
[[nodiscard]] std::optional<NextReading> measureNext(const Plan& plan, const Evaluation& evaluation,
                                                     const std::vector<Finding>& findings);

}  // namespace core
