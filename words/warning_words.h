#pragma once

#include <QString>

#include "core/base/warning.h"

namespace words {

// A warning of a model or a mark on a result as a sentence: what is odd, and what to do.
[[nodiscard]] QString sentenceOf(const core::Warning& warning);

}  // namespace words
