#include "core/base/warning.h"

#include <array>

namespace core {
namespace {

struct WarningRow {
    std::string_view key, sentence;
};

constexpr std::array kRows{
#define WARNING(name, key, sentence) WarningRow{key, sentence},
#include "core/base/warnings.def"
};

const WarningRow& rowOf(WarningKind kind)
{
    return kRows.at(static_cast<size_t>(kind));
}

}  // namespace

std::string textOf(const Warning& warning)
{
    if (warning.kind == WarningKind::ReaderNote) return warning.about;
    const std::string key(rowOf(warning.kind).key);
    return warning.about.empty() ? key : key + "(" + warning.about + ")";
}

std::vector<std::string> textsOf(const std::vector<Warning>& warnings)
{
    std::vector<std::string> texts;
    for (const Warning& warning : warnings) texts.push_back(textOf(warning));
    return texts;
}

std::string_view sentenceOf(WarningKind kind)
{
    return rowOf(kind).sentence;
}

}  // namespace core
