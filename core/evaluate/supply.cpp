#include "core/evaluate/supply.h"

#include <algorithm>
#include <limits>

#include "core/base/threshold.h"
#include "core/physics/ampacity.h"
#include "core/physics/efficiency.h"
#include "core/physics/fuse.h"
#include "core/physics/wire.h"
#include "core/practice/practice_shapes.h"

namespace core {
namespace {

std::optional<double> drawOf_a(const Part& source, const Practice& practice)
{
    const double crest_db = practice[PracticeKey::CableCrestFactor_db];
    double rated_w = 0.0;
    for (const std::string& output : allOf(source, ElementKind::Output)) {
        const auto each_w = valueOf(figuresOf(source, output), Quantity::RatedPower_w);
        if (!each_w) return std::nullopt;
        rated_w += *each_w;
    }
    if (!(rated_w > 0.0)) return std::nullopt;
    const double efficiency =
        practice[PracticeKey::RealStage_ratio] * programmeEfficiency(OutputStage::ClassB, crest_db, 1.0).value;
    return rated_w * programmeShare(crest_db) / (efficiency * kRunning_v);
}

// Outside the table no less than is safe: a thinner cable at the current density of the thinnest row, a thicker one as
// the thickest; both carry more.
std::optional<double> ampacityOf_a(double area_m2, const Practice& practice)
{
    const std::vector<AmpacityRow> table = ampacityTable(practice);
    const double thinnest_m2 = awgArea_m2(table.front().gauge_awg), thickest_m2 = awgArea_m2(table.back().gauge_awg);
    const ConductorSetting setting{.area_m2 = std::clamp(area_m2, thinnest_m2, thickest_m2),
                                   .insulation_degc = practice[PracticeKey::UnknownInsulation_degc]};
    const auto ampacity =
        ampacity_a(setting, table, {practice[PracticeKey::StillAir_w_m2k], practice[PracticeKey::LargeWire_ratio]});
    if (!ampacity) return std::nullopt;
    return ampacity->value * std::min(1.0, area_m2 / thinnest_m2);
}

}  // namespace

Supply supplyOf(const Fitout& fitout, DeviceId source, const Practice& practice)
{
    Supply supply;
    const Part& part = fitout.parts.at(fitout.devices.at(source).part);
    supply.draw_a = drawOf_a(part, practice);
    for (const auto& [id, wire] : fitout.wires) {
        const Part& from = fitout.parts.at(fitout.devices.at(wire.a.device).part);
        if (wire.b != Pin{source, kSupplyTerminal} || from.kind != PartKind::Fuse) continue;
        supply.fuse = wire.a.device;
        supply.cable = id;
        supply.fuse_a = valueOf(from.figures, Quantity::Fuse_a);
        supply.area_m2 = valueOf(wire.figures, Quantity::Area_m2);
        supply.length_m = valueOf(wire.figures, Quantity::Length_m);
    }
    if (supply.area_m2) supply.ampacity_a = ampacityOf_a(*supply.area_m2, practice);
    if (supply.area_m2 && supply.length_m && supply.draw_a)
        supply.drop_v =
            *supply.draw_a * conductorResistance_ohm({.length_m = *supply.length_m, .area_m2 = *supply.area_m2});
    return supply;
}

std::optional<double> fuseFor_a(const Supply& supply, const Practice& practice)
{
    if (!supply.draw_a) return std::nullopt;
    const FuseTask task{.load_a = *supply.draw_a,
                        .factor = practice[PracticeKey::FuseFactor_ratio],
                        .ampacity_a = supply.ampacity_a.value_or(std::numeric_limits<double>::infinity())};
    std::optional<double> least_a;
    for (const PracticeList kind : {PracticeList::FuseBlade_a, PracticeList::FuseLargeBlade_a,
                                    PracticeList::FuseBoltM5_a, PracticeList::FuseBoltM8_a, PracticeList::FuseAnl_a})
        if (const auto fuse = fuse_a(task, practice[kind]); fuse && (!least_a || fuse->value < *least_a))
            least_a = fuse->value;
    return least_a;
}

std::optional<double> cableFor_m2(double fuse_a, const Practice& practice)
{
    for (const AmpacityRow& row : ampacityTable(practice)) {
        const double area_m2 = awgArea_m2(row.gauge_awg);
        if (const auto carries_a = ampacityOf_a(area_m2, practice); carries_a && !under(*carries_a, fuse_a))
            return area_m2;
    }
    return std::nullopt;
}

}  // namespace core
