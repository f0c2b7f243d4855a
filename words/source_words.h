#pragma once

#include <QString>
#include <set>

#include "core/survey/continuity.h"
#include "core/survey/source_gaps.h"

// What a survey says of radios and amplifiers, their pins and the wires that leave them.
namespace words {

[[nodiscard]] QString nameOf(core::Control control);
[[nodiscard]] QString nameOf(core::SourceGap gap);  // as something to find out
// What is still to be found out about a source, one sentence; empty: nothing.
[[nodiscard]] QString textOf(const std::set<core::SourceGap>& gaps);
[[nodiscard]] QString feedsText(const core::Body& body);
// What nobody has looked for of them yet; empty: nothing.
[[nodiscard]] QString openFeedsText(const core::Body& body);

// How a pin is known: measured, in papers, unverified.
[[nodiscard]] QString nameOfPin(const core::PinNote* pin);

[[nodiscard]] QString nameOf(core::Continuity verdict);
// "FL: grey to grey/black, expect 3.4 ohm through the driver, front door left"
[[nodiscard]] QString textOf(const core::ContinuityRow& row, const core::Fitout& fitout);
[[nodiscard]] QString stateOf(const std::vector<core::ContinuityRow>& rows);

}  // namespace words
