#pragma once

#include "words/job_words.h"

namespace words {

// A lead that is new or goes elsewhere; a link across one part is none.
[[nodiscard]] bool isLaid(const core::WireRow& wire);
// What is written on both its ends: "w12 +".
[[nodiscard]] QString labelOf(const core::WireRow& wire);

// What is written on each end of every lead that is new or goes elsewhere: its number and pole, where this end goes on,
// where the other one is. So two rows a lead, for labels that are cut out or written; colour and length where they are
// noted, since in a bundle they tell a lead apart.
// to  what the job leads to
[[nodiscard]] Table labelTable(const core::JobPlan& job, const core::Fitout& to);

}  // namespace words
