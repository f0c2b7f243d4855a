#pragma once

#include <utf8.h>

#include <string>
#include <string_view>

namespace core {

[[nodiscard]] inline bool isUtf8(std::string_view text)
{
    return utf8::is_valid(text.begin(), text.end());
}

// Its first characters, for a message; three dots where it goes on. No character is cut, and what is none is shown as
// the mark for that (U+FFFD).
[[nodiscard]] inline std::string beginningOf(std::string_view text, int most)
{
    const std::string whole = utf8::replace_invalid(std::string(text));
    auto end = whole.begin();
    for (int i = 0; i < most && end != whole.end(); ++i) utf8::next(end, whole.end());
    return std::string(whole.begin(), end) + (end == whole.end() ? "" : "...");
}

}  // namespace core
