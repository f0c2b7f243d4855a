#pragma once

#include <string>
#include <tl/expected.hpp>

namespace core {

// Bad input from outside: a file, a text, an argument. Says where it stands, what was found and what is allowed.
struct InputError {
    std::string file{};     // name of the file, or of what stands for one ("slate")
    std::string where{};    // "line 3, column 7" for text, a JSON pointer for values; may be empty
    std::string message{};  // what was found, what is allowed, what to do
    bool operator==(const InputError&) const = default;
};

template <class T>
using Result = tl::expected<T, InputError>;

// "plan.reed /wires/w3: found 'x', expected a pin such as d1.RL+"
[[nodiscard]] inline std::string oneLine(const InputError& error)
{
    std::string line = error.file;
    if (!error.where.empty()) line += (line.empty() ? "" : " ") + error.where;
    return line.empty() ? error.message : line + ": " + error.message;
}

}  // namespace core
