#pragma once

#include <QString>

#include "core/design/complaints.h"
#include "core/design/customer_hearing.h"
#include "core/design/remedies.h"
#include "core/model/plan.h"

// What the owner says and wants.
namespace words {

[[nodiscard]] QString nameOf(core::Complaint complaint);  // as an owner says it: "dull"
[[nodiscard]] QString nameOf(core::Cause cause);
[[nodiscard]] QString textOf(core::TellingTest test);
[[nodiscard]] QString nameOf(core::Goal goal);
[[nodiscard]] QString nameOf(core::Keep keep);
[[nodiscard]] QString nameOf(core::Use use);
// What such use asks of the parts and of the tests.
[[nodiscard]] QString meaningOf(core::Use use);

// "Likely: ... Lives in 4-20 kHz. To tell: ..."
[[nodiscard]] QString textOf(const core::ComplaintRow& row);
[[nodiscard]] QString textOf(const core::Remedy& remedy, const core::Fitout& fitout);
// Which change this listener hears; an estimate.
[[nodiscard]] QString textOf(const std::array<core::BandHeard, core::kBandCount>& heard);

}  // namespace words
