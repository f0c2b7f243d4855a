#pragma once

#include <string>

#include "core/base/result.h"
#include "core/practice/practice.h"

namespace core {

// Reads practice.json. Every key must be there, every value inside its own range; the error names the JSON pointer.
[[nodiscard]] Result<Practice> readPractice(const std::string& text, const std::string& file);

}  // namespace core
