#pragma once

#include "core/model/finding.h"
#include "words/finding_words.h"

namespace words {

// What is said of coils, protection, travel and polarity. requires one of their rules
[[nodiscard]] FindingText driverText(const core::Finding& finding);

}  // namespace words
