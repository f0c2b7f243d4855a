#pragma once

#include <string_view>

// What readers of typed lines and of files share.
namespace core {

[[nodiscard]] constexpr bool isBlank(char c)  // within a line
{
    return c == ' ' || c == '\t' || c == '\r';
}

[[nodiscard]] constexpr bool isDigit(char c)
{
    return c >= '0' && c <= '9';
}

[[nodiscard]] constexpr bool isLetter(char c)  // of ASCII
{
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}

constexpr void skipBlanks(std::string_view& text)
{
    while (!text.empty() && isBlank(text.front())) text.remove_prefix(1);
}

[[nodiscard]] constexpr std::string_view trimmed(std::string_view text)
{
    skipBlanks(text);
    while (!text.empty() && isBlank(text.back())) text.remove_suffix(1);
    return text;
}

}  // namespace core
