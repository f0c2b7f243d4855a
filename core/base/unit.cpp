#include "core/base/unit.h"

#include <array>
#include <utility>

namespace core {
namespace {

struct UnitRow {
    std::string_view text, ending;
    Dimension dimension;
};
constexpr auto kUnits = std::to_array<UnitRow>({
#define UNIT(text, ending, dimension) {text, ending, Dimension::dimension},
#include "core/base/units.def"
});

}  // namespace

std::string_view unitOf(Dimension dimension)
{
    if (dimension == Dimension::Number) return {};
    for (const UnitRow& unit : kUnits)
        if (unit.dimension == dimension) return unit.text;
    return {};
}

Dimension dimensionOf(std::string_view unit)
{
    for (const UnitRow& row : kUnits)
        if (row.text == unit) return row.dimension;
    return Dimension::Number;
}

double bareUnit(Dimension dimension)
{
    static constexpr auto kBare = std::to_array<std::pair<Dimension, double>>({
#define BARE(dimension, factor) {Dimension::dimension, factor},
#include "core/base/units.def"
    });
    for (const auto& [of, factor] : kBare)
        if (of == dimension) return factor;
    return 1.0;
}

std::span<const UnitSpelling> unitSpellings()
{
    static constexpr auto kSpellings = std::to_array<UnitSpelling>({
#define SPELLING(text, dimension, factor, takesPrefix) {text, Dimension::dimension, factor, takesPrefix},
#include "core/base/units.def"
    });
    return kSpellings;
}

std::string_view unitOfName(std::string_view name)
{
    for (const UnitRow& unit : kUnits)
        if (name.ends_with(unit.ending)) return unit.text;
    return {};
}

}  // namespace core
