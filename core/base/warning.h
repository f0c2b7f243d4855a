#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace core {

// What a model says beside its answer; warnings.def has a row for each.
enum class WarningKind {
#define WARNING(name, key, sentence) name,
#include "core/base/warnings.def"
};

struct Warning {
    WarningKind kind{};
    std::string about{};  // an input, an output, or what a reader of files says; mostly nothing
    bool operator==(const Warning&) const = default;
};

// As files and command line write it: "RatingsFlat", "Differs(qts)"; a reader's note as it stands.
[[nodiscard]] std::string textOf(const Warning& warning);
[[nodiscard]] std::vector<std::string> textsOf(const std::vector<Warning>& warnings);

// In English, for whoever puts it into words; %1 stands for what it is about.
[[nodiscard]] std::string_view sentenceOf(WarningKind kind);

}  // namespace core
