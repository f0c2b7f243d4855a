#include "core/advice/run_change.h"

#include <cmath>

#include "core/fitout/coil_wiring.h"
#include "core/physics/preferred_values.h"
#include "core/physics/series_capacitor.h"

namespace core {

std::optional<RestoringCapacitor> restoringCapacitor(double corner_hz, double nominal_ohm)
{
    const auto exact = seriesCapacitance_f(corner_hz, nominal_ohm);
    if (!exact) return std::nullopt;
    const auto nearest = [&](PreferredSeries series) { return nearestPreferred(exact->value, series)->value; };
    return RestoringCapacitor{exact->value, nearest(PreferredSeries::E6), nearest(PreferredSeries::E12),
                              nearest(PreferredSeries::E24)};
}

std::optional<double> protectingCapacitor_f(double corner_hz, double nominal_ohm, PreferredSeries series)
{
    const auto exact = seriesCapacitance_f(corner_hz, nominal_ohm);
    if (!exact) return std::nullopt;
    const double nearest = nearestPreferred(exact->value, series)->value;
    return nearest <= exact->value ? nearest : preferredBelow(nearest, series)->value;
}

namespace {

// The nominal load that a driver's pair is, however its coils are joined.
double nominalAtLeads_ohm(const StageResult& stage, const RunResult& run)
{
    return leadsOverCoil(stage.used, run.run.id.coil.device) * run.coil.at(Quantity::Nominal_ohm).value;
}

}  // namespace

bool isAsItWas(const StageResult& before, const StageResult& after, const RunChange& change)
{
    constexpr double kShown_db = 0.05, kShown_ohm = 0.005;
    if (!change.before || !change.after) return false;
    const CircuitResult* was = findCircuit(before, change.before->run.id.channel);
    const CircuitResult* is = findCircuit(after, change.after->run.id.channel);
    return was && is && std::abs(change.midLevel_db) < kShown_db &&
           std::abs(was->least_ohm - is->least_ohm) < kShown_ohm;
}

RunChange runChange(const StageResult& before, const StageResult& after, DeviceId device)
{
    RunChange change{.before = findRunOfDevice(before, device), .after = findRunOfDevice(after, device)};
    if (!change.before || !change.after) return change;
    const double now_ohm = nominalAtLeads_ohm(after, *change.after);
    change.equalVolts_db = 10.0 * std::log10(nominalAtLeads_ohm(before, *change.before) / now_ohm);
    change.midLevel_db = change.after->midLevel_db - change.before->midLevel_db;
    if (change.before->idealCorner_hz) change.restoring = restoringCapacitor(*change.before->idealCorner_hz, now_ohm);
    return change;
}

}  // namespace core
