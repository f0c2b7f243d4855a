#pragma once

#include "core/model/names.h"

// Values that are texts in JSON, and the keys of its objects.
namespace core {

inline std::string keyText(const std::string& key)
{
    return key;
}
inline std::string keyText(Quantity quantity)
{
    return std::string(row(quantity).key);
}
inline std::string keyText(const Port& port)
{
    return textOf(port);
}
template <class Enum>
requires std::is_enum_v<Enum> std::string keyText(Enum value)
{
    return std::string(textOf(value));
}
template <char Letter>
std::string keyText(Id<Letter> id)
{
    return textOf(id);
}

// false: this text is no such key; the entry is then an unknown field, which is kept but not read
inline bool keyFromText(std::string_view text, std::string& key)
{
    key = text;
    return true;
}
template <class Key>
bool take(const std::optional<Key>& found, Key& key)
{
    if (found) key = *found;
    return found.has_value();
}
inline bool keyFromText(std::string_view text, Quantity& key)
{
    return take(quantityFromKey(text), key);
}
template <class Enum>
requires std::is_enum_v<Enum>
bool keyFromText(std::string_view text, Enum& key)
{
    return take(enumFromText<Enum>(text), key);
}
inline bool keyFromText(std::string_view text, Port& key)
{
    return take(portFromText(text), key);
}
template <char Letter>
bool keyFromText(std::string_view text, Id<Letter>& key)
{
    return take(idFromText<Id<Letter>>(text), key);
}

// What the schema says of such a key.
inline std::string keyPattern(const std::string&)
{
    return "^.+$";
}
inline std::string keyPattern(const Port&)
{
    return "^d[1-9][0-9]{0,8}\\.[^.:>]+$";
}
template <class Enum>
requires std::is_enum_v<Enum> std::string keyPattern(Enum)
{
    std::string any;
    for (const auto& name : enumNames<Enum>()) any += (any.empty() ? "^(" : "|") + std::string(name.text);
    return any + ")$";
}
template <char Letter>
std::string keyPattern(Id<Letter>)
{
    return std::string("^") + Letter + "[1-9][0-9]{0,8}$";
}

}  // namespace core
