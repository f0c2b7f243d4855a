#pragma once

#include <optional>
#include <set>
#include <vector>

#include "core/model/finding.h"

namespace core {

// The instruments at hand. Eyes are always there.
using Bay = std::set<Instrument>;
inline const Bay kUsualBay{Instrument::Ohmmeter, Instrument::Ruler};

// The value that is most worth measuring.
struct NextReading {
    Address what{};
    StageId stage{};    // where it is
    DeviceId device{};  // that it belongs to; none: a place
    Known value{};      // as it is taken now
    double spread = 0.0;
    std::optional<RuleId> settles{};  // the worst finding that it narrows; none: how loud the bands can get
    double share = 0.0;               // of what is in doubt there, by power: 1 if it alone decides
    Instrument by = Instrument::Ohmmeter;
    double minutes = 0.0;
    bool lacking = false;  // the bay has no such instrument, and nothing it has would settle enough
    bool operator==(const NextReading&) const = default;
};

// What can be done about it here and now: an ohmmeter's reading typed in. Nothing for what takes another instrument.
[[nodiscard]] std::optional<Mend> readingMend(const NextReading& next);

// The reading that most narrows one finding for its minutes, of those that the bay has the instrument for; where none
// of them settles enough, the best of all. Nothing while no spread is known.
[[nodiscard]] std::optional<NextReading> settlingReading(const Evaluation& evaluation, const Finding& finding,
                                                         const Bay& bay = kUsualBay);

// The reading that most narrows the worst finding in doubt, else how loud the goal can get at the first listener's
// ears. Nothing while no spread is known, and where nothing unmeasured matters.
// findings  of judge(), worst first
[[nodiscard]] std::optional<NextReading> measureNext(const Plan& plan, const Evaluation& evaluation,
                                                     const std::vector<Finding>& findings, const Bay& bay = kUsualBay);

}  // namespace core
