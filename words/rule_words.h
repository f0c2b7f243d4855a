#pragma once

#include "core/model/finding.h"
#include "words/finding_words.h"

namespace words {

// What each rule says, by the rule's own name: "sayLessLevel". requires a finding of that rule
#define RULE(name, code) [[nodiscard]] FindingText say##name(const core::Finding& finding);
#include "core/model/rules.def"

}  // namespace words
