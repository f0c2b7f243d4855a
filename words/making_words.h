#pragma once

#include "core/model/evaluation.h"
#include "core/practice/practice.h"
#include "words/job_words.h"

namespace words {

// What one part has to bear at least to be bought: "40 V direct", "3.2 A of saturation", "10 W".
[[nodiscard]] QString leastRating(const core::PartBurden& burden);

// What is made at the bench for this job, board by board, filter by filter: each part with its value, the two points
// that it joins, what it has to bear. What is alike on both sides stands once, with how many are made.
[[nodiscard]] Table makingTable(const core::StageResult& stage, const core::Practice& practice);

}  // namespace words
