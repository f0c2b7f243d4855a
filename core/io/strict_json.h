#pragma once

#include <string>

#include "core/io/plan_json.h"

namespace core {

// How deep lists and objects may lie in each other: far more than any file of ours has, far less than a stack bears.
inline constexpr size_t kDeepest = 64;

// A whole JSON text, nested no deeper than that, no key twice in one object. The error names the line and column, or
// the object.
[[nodiscard]] Result<Json> parseStrict(const std::string& text, const std::string& file);

}  // namespace core
