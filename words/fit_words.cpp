#include "words/fit_words.h"

#include <cmath>

#include "words/tr.h"

namespace words {

using namespace core;

QString marginNumber(double value_m, UnitSystem units)
{
    constexpr double kInch_m = 0.0254;
    if (units == UnitSystem::Imperial) return fixedNumber(value_m / kInch_m, 2);
    const double value_mm = 1000.0 * value_m;
    const bool whole = std::abs(value_mm - std::round(value_mm)) < 0.05;
    return fixedNumber(value_mm, whole ? 0 : 1);
}

QString marginText(double value_m, UnitSystem units)
{
    return (units == UnitSystem::Imperial ? Words::tr("%1 in") : Words::tr("%1 mm")).arg(marginNumber(value_m, units));
}

QString spokenLength(double value_m)
{
    const QString metric = marginText(value_m, UnitSystem::Metric);
    if (spokenUnits() == UnitSystem::Metric) return metric;
    return Words::tr("%1 (%2)").arg(marginText(value_m, UnitSystem::Imperial), metric);
}

}  // namespace words
