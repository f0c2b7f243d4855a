#pragma once

#include "words/slate_words.h"

namespace words {

// What Slate says to a line that named its calculation, and to `help`.
[[nodiscard]] SlateText namedText(const core::SlateAnswer& answer);
[[nodiscard]] SlateText slateHelp();

}  // namespace words
