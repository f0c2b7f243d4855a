#pragma once

#include <string_view>

// What readers of typed lines and of files share.
namespace core {

[[nodiscard]] constexpr bool isBlank(char c)  // within a line
{
    return c == ' ' || c == '\t' || c == '\r';
}

constexpr void skipBlanks(std::string_view& text)
{
    while (!text.empty() && isBlank(text.front())) text.remove_prefix(1);
}

}  // namespace core
