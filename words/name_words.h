#pragma once

#include <QString>

#include "core/model/edit.h"
#include "core/model/evaluation.h"
#include "core/model/finding.h"
#include "core/physics/bands.h"

namespace words {

[[nodiscard]] QString nameOf(core::Severity severity);
[[nodiscard]] QString nameOf(core::Origin origin);
[[nodiscard]] QString nameOf(const core::Basis& basis);  // "stated, to confirm"
[[nodiscard]] QString nameOf(core::Limit limit);         // what ends it: "the radio clips"
[[nodiscard]] QString nameOf(core::Band band);
[[nodiscard]] QString rangeOf(core::Band band);  // "60-250 Hz"
[[nodiscard]] QString nameOf(core::Seat seat);
[[nodiscard]] QString nameOf(core::BodyKind kind);
// What a plan is called by: "Tarnwick Sallow, estate"; "New job, van" while nobody gave it a name.
[[nodiscard]] QString titleOf(const core::Body& body);
[[nodiscard]] QString nameOf(const core::Edit& edit);  // for the undo list

// What stands at this subject: "left speaker, rear left".
[[nodiscard]] QString nameOf(const core::Subject& subject, const core::Fitout& fitout);
// Several like subjects in one breath; the two sides of a pair as one: "left speaker, rear left, both sides".
[[nodiscard]] QString namesOf(const std::vector<core::Subject>& subjects, const core::Fitout& fitout);

}  // namespace words
