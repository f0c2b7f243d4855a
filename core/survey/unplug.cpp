#include "core/survey/unplug.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/evaluate/make_stage.h"

namespace core {
namespace {

const std::string* connectorOf(const Fitout& fitout, const Pin& pin)
{
    const auto device = fitout.devices.find(pin.device);
    if (device == fitout.devices.end()) return nullptr;
    const auto& terminals = fitout.parts.at(device->second.part).terminals;
    const auto found = terminals.find(pin.terminal);
    return found == terminals.end() ? nullptr : &found->second;
}

}  // namespace

Fitout unplug(Fitout fitout, DeviceId device, const std::string& connector)
{
    const auto hangsThere = [&](const Pin& pin) {
        const std::string* own = connectorOf(fitout, pin);
        return pin.device == device && own && *own == connector;
    };
    std::vector<WireId> gone;
    for (const auto& [id, wire] : fitout.wires)
        if (hangsThere(wire.a) || hangsThere(wire.b)) gone.push_back(id);
    for (const WireId id : gone) fitout.wires.erase(id);
    return fitout;
}

std::vector<std::string> pluggedConnectors(const Fitout& fitout, DeviceId device)
{
    std::set<std::string> connectors;
    for (const auto& [id, wire] : fitout.wires)
        for (const Pin& pin : {wire.a, wire.b})
            if (const std::string* own = pin.device == device ? connectorOf(fitout, pin) : nullptr)
                connectors.insert(*own);
    return {connectors.begin(), connectors.end()};
}

Unplugged whatUnpluggingDoes(const StageResult& stage, DeviceId device, const std::string& connector,
                             const Practice& practice, const GridTables& tables)
{
    constexpr double kSame_ohm = 1e-6;
    const auto after = makeStage(unplug(stage.used, device, connector), practice, tables, {&stage});
    Unplugged result;
    for (const RunResult& run : stage.runs)
        if (!findRun(*after, run.run.id)) result.dead.push_back(run.run.id);
    for (const CircuitResult& circuit : stage.circuits) {
        const CircuitResult* left = findCircuit(*after, circuit.channel);
        LoadChange change{circuit.channel, circuit.least_ohm, {}};
        if (left) change.after_ohm = left->least_ohm;
        if (!left || std::abs(left->least_ohm - circuit.least_ohm) > kSame_ohm) result.loads.push_back(change);
    }
    return result;
}

}  // namespace core
