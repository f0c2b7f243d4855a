#pragma once

#include <QString>
#include <map>
#include <string>

namespace words {

// What a file holds that this program does not know, each by its path. Empty: nothing.
[[nodiscard]] QString unknownText(const std::map<std::string, std::string>& unknown);

}  // namespace words
