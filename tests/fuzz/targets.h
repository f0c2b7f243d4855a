#pragma once

#include <functional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

// What anybody's bytes are fed to. Each target reads them as one kind of file and goes on as the program would; what it
// checks beside that nothing breaks is that what was read is written and read again the same.
namespace fuzz {

struct Target {
    std::string_view name{};
    std::function<void(const std::string& text)> run{};
};

[[nodiscard]] std::span<const Target> targets();

// Files to begin with, for one target: those of the tests and of the shipped data.
[[nodiscard]] std::vector<std::string> corpusOf(std::string_view target);

}  // namespace fuzz
