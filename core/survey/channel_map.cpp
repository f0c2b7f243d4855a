#include "core/survey/channel_map.h"

#include <algorithm>
#include <cmath>

#include "core/evaluate/circuit.h"
#include "core/fitout/complete.h"
#include "core/survey/lead_back.h"

namespace core {
namespace {

// Where a level crosses this one between two points of the grid: straight in decibels over octaves.
double crossing_hz(const Eigen::ArrayXd& frequency_hz, const Eigen::ArrayXd& level, Eigen::Index from, double crossed)
{
    const double share = std::log(crossed / level(from)) / std::log(level(from + 1) / level(from));
    return frequency_hz(from) * std::pow(frequency_hz(from + 1) / frequency_hz(from), share);
}

// From where to where the driver gets at least half of the power it gets most; behind a capacitor from where that lets
// half of the source's through, which is its real corner everywhere.
void noteBand(MapRow& row, const RunResult& run, const Eigen::ArrayXd& frequency_hz)
{
    const Eigen::ArrayXd level = run.transfer.abs();
    const double enough = level.maxCoeff() / std::sqrt(2.0);
    if (!(enough > 0.0)) return;
    const Eigen::Index last = level.size() - 1;
    for (Eigen::Index i = 0; i <= last; ++i) {
        if (level(i) < enough) continue;
        if (!row.from_hz)
            row.from_hz =
                i > 0 && level(i - 1) > 0.0 ? crossing_hz(frequency_hz, level, i - 1, enough) : frequency_hz(i);
        row.to_hz = i < last && level(i + 1) > 0.0 && level(i + 1) < enough
                        ? crossing_hz(frequency_hz, level, i, enough)
                        : frequency_hz(i);
    }
    if (!run.halfPower_hz.empty()) row.from_hz = run.halfPower_hz.front();
}

MapRow rowOf(const StageResult& stage, DeviceId id, const std::string& element, const Eigen::ArrayXd& frequency_hz)
{
    const Fitout& used = stage.used;
    const Device& device = used.devices.at(id);
    const Part& part = used.parts.at(device.part);
    MapRow row{.place = used.places.contains(device.at) ? device.at : PlaceId{}, .coil = {id, element}};
    for (const RunResult& run : stage.runs) {
        if (run.run.id.coil != row.coil) continue;
        if (row.channels.empty()) {
            row.sign = run.run.sign;
            noteBand(row, run, frequency_hz);
        }
        row.channels.push_back(run.run.id.channel);
    }
    if (const auto leads = leadsOf(part, element)) {
        row.plusColour = leadColour(used, {id, leads->plus});
        row.minusColour = leadColour(used, {id, leads->minus});
    }
    const auto known = [&](Quantity quantity) {
        const Figures figures = figuresOf(part, element);
        const auto found = figures.find(quantity);
        return found != figures.end() && found->second.basis.origin != Origin::ClassGuess;
    };
    if (device.basis.origin == Origin::ClassGuess) row.gaps.insert(Gap::Driver);
    if (row.channels.empty()) row.gaps.insert(Gap::Wires);
    if (row.plusColour.empty() || row.minusColour.empty()) row.gaps.insert(Gap::Colours);
    if (!known(Quantity::Re_ohm) && !known(Quantity::Nominal_ohm)) row.gaps.insert(Gap::Ohms);
    if (!row.place || !used.places.at(row.place).room.contains(Quantity::Depth_m)) row.gaps.insert(Gap::Depth);
    if (!row.place || used.places.at(row.place).wayIn.empty()) row.gaps.insert(Gap::WayIn);
    return row;
}

}  // namespace

bool ChannelMap::complete() const
{
    return !rows.empty() && idleChannels.empty() && loose.empty() &&
           std::all_of(rows.begin(), rows.end(), [](const MapRow& row) { return row.gaps.empty(); });
}

ChannelMap channelMap(const StageResult& stage, const Eigen::ArrayXd& frequency_hz)
{
    ChannelMap map;
    map.loose = stage.used.loose;
    std::set<PlaceId> filled;
    for (const auto& [id, device] : stage.used.devices) {
        const Part& part = stage.used.parts.at(device.part);
        const std::vector<std::string> coils = allOf(part, ElementKind::Coil);
        if (!coils.empty() || isSource(part)) filled.insert(device.at);  // a plug alone leaves a place empty
        for (const std::string& coil : coils) {
            if (isWay(part, coil)) continue;  // a coaxial's tweeter came with its cone
            map.rows.push_back(rowOf(stage, id, coil, frequency_hz));
        }
    }
    for (const auto& [id, place] : stage.used.places)
        if (!filled.contains(id)) map.rows.push_back({.place = id, .gaps = {Gap::Driver}});
    std::stable_sort(map.rows.begin(), map.rows.end(),
                     [](const MapRow& a, const MapRow& b) { return a.place < b.place; });
    for (const Port& channel : channels(stage.used)) {
        const bool used = std::any_of(stage.runs.begin(), stage.runs.end(),
                                      [&](const RunResult& run) { return run.run.id.channel == channel; });
        if (!used) map.idleChannels.push_back(channel);
    }
    return map;
}

}  // namespace core
