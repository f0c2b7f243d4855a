#pragma once

#include <QString>
#include <string>

namespace words {

// A warning of a model or a mark on a result as a sentence: what is odd, and what to do.
[[nodiscard]] QString sentenceOfWarning(const std::string& warning);

}  // namespace words
