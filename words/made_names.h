#pragma once

#include <QString>
#include <string>

namespace words {

// A name as it is read. Names that this program gave by itself ("left front door", "radio", "front door driver") are
// said in the language that is spoken; those that people typed stay as they are.
[[nodiscard]] QString named(const std::string& name);

}  // namespace words
