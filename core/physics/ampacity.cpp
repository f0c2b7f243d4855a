#include "core/physics/ampacity.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

#include "core/base/threshold.h"
#include "core/physics/wire.h"

namespace core {
namespace {

constexpr double kTableAmbient_degc = 30.0, kTableRise_k = 75.0;

// Nothing outside the table.
std::optional<double> fromTable(double area_m2, std::span<const AmpacityRow> table)
{
    for (size_t i = 0; i + 1 < table.size(); ++i) {
        const double small_m2 = awgArea_m2(table[i].gauge_awg);
        const double large_m2 = awgArea_m2(table[i + 1].gauge_awg);
        if (under(area_m2, small_m2) || over(area_m2, large_m2)) continue;
        const double way = std::log(area_m2 / small_m2) / std::log(large_m2 / small_m2);
        return table[i].current_a * std::pow(table[i + 1].current_a / table[i].current_a, way);
    }
    return std::nullopt;
}

}  // namespace

double heatBalanceCurrent_a(const HeatBalance& balance)
{
    return std::sqrt(balance.stillAir_w_m2k * std::numbers::pi * balance.outsideDiameter_m * balance.rise_k /
                     balance.resistance_ohm_m);
}

Outcome<double> ampacity_a(const ConductorSetting& setting, std::span<const AmpacityRow> table,
                           const AmpacityPractice& practice)
{
    assert(setting.area_m2 > 0.0 && table.size() >= 2);
    const double rise_k = setting.insulation_degc - std::max(kTableAmbient_degc, setting.ambient_degc);
    if (rise_k <= 0.0)
        return refuse(ErrorCode::OutOfDomain, "insulation_degc", setting.insulation_degc, "above the ambient");
    if (const auto current_a = fromTable(setting.area_m2, table))
        return Answer<double>{
            *current_a * std::sqrt(rise_k / kTableRise_k) * setting.bundle / std::sqrt(setting.cladding), {}};
    if (!setting.outsideDiameter_m)
        return refuse(ErrorCode::OutOfDomain, "area_m2", setting.area_m2,
                      "a size of the table, or outsideDiameter_m beside it");
    const bool large = setting.area_m2 > awgArea_m2(table.back().gauge_awg);
    const double free_a =
        heatBalanceCurrent_a({*setting.outsideDiameter_m, rise_k, setting.resistance_ohm_m, practice.stillAir_w_m2k});
    return Answer<double>{free_a * (large ? practice.largeSize_ratio : 1.0) * setting.bundle,
                          {{WarningKind::OutsideTable}}};
}

}  // namespace core
