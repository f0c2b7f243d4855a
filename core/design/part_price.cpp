#include "core/design/part_price.h"

#include <numeric>

namespace core {

double priceOf(const LegPart& part, const Practice& practice)
{
    const double any = practice[PracticeKey::PartPrice];
    if (part.kind == ElementKind::Capacitor) return any + practice[PracticeKey::CapacitorPrice_uF] * part.value * 1e6;
    if (part.kind == ElementKind::Inductor) return any + practice[PracticeKey::CoilPrice_mH] * part.value * 1e3;
    return any;
}

double priceOf(const LegParts& parts, const Practice& practice)
{
    return std::accumulate(parts.begin(), parts.end(), 0.0,
                           [&](double sum, const LegPart& part) { return sum + priceOf(part, practice); });
}

double priceOf(const BoardParts& parts, const Practice& practice)
{
    return std::accumulate(parts.begin(), parts.end(), 0.0,
                           [&](double sum, const auto& leg) { return sum + priceOf(leg.second, practice); });
}

}  // namespace core
