#include "core/model/quantity.h"

#include <fmt/format.h>

#include <array>
#include <cmath>
#include <unordered_map>

namespace core {
namespace {

constexpr std::array kRows{
#define QUANTITY(name, key, unit, least, greatest, label) \
    QuantityRow{Quantity::name, key, unit, least, greatest, false, label},
#define WHOLE(name, key, unit, least, greatest, label) \
    QuantityRow{Quantity::name, key, unit, least, greatest, true, label},
#include "core/model/quantities.def"
};

}  // namespace

std::span<const QuantityRow> quantities()
{
    return kRows;
}

const QuantityRow& row(Quantity quantity)
{
    return kRows.at(static_cast<size_t>(quantity));
}

std::optional<Quantity> quantityFromKey(std::string_view key)
{
    static const auto kByKey = [] {
        std::unordered_map<std::string_view, Quantity> byKey;
        for (const QuantityRow& one : kRows) byKey.emplace(one.key, one.quantity);
        return byKey;
    }();
    const auto found = kByKey.find(key);
    if (found == kByKey.end()) return std::nullopt;
    return found->second;
}

bool allows(Quantity quantity, double value)
{
    const QuantityRow& limits = row(quantity);
    return value >= limits.least && value <= limits.greatest && (!limits.whole || value == std::round(value));
}

std::string allowedText(Quantity quantity)
{
    const QuantityRow& limits = row(quantity);
    return fmt::format("allowed {:g} to {:g}{}{}{}", limits.least, limits.greatest, limits.unit.empty() ? "" : " ",
                       limits.unit, limits.whole ? ", whole numbers" : "");
}

std::optional<double> valueOf(const Figures& figures, Quantity quantity)
{
    const auto found = figures.find(quantity);
    if (found == figures.end()) return std::nullopt;
    return found->second.value;
}

void put(Figures& figures, Quantity quantity, const std::optional<Known>& known)
{
    if (known)
        figures[quantity] = *known;
    else
        figures.erase(quantity);
}

}  // namespace core
