#include "core/model/evaluation.h"

#include <algorithm>

namespace core {
namespace {

template <class Items, class Predicate>
auto firstWhere(const Items& items, Predicate predicate) -> const typename Items::value_type*
{
    const auto found = std::find_if(items.begin(), items.end(), predicate);
    return found == items.end() ? nullptr : &*found;
}

}  // namespace

const StageSpread* spreadAt(const Evaluation& evaluation, StageId stage)
{
    const auto found = evaluation.spread.find(stage);
    return found == evaluation.spread.end() ? nullptr : found->second.get();
}

const RunResult* findRun(const StageResult& stage, const RunId& id)
{
    return firstWhere(stage.runs, [&](const RunResult& run) { return run.run.id == id; });
}

const CircuitResult* findCircuit(const StageResult& stage, const Port& channel)
{
    return firstWhere(stage.circuits, [&](const CircuitResult& circuit) { return circuit.channel == channel; });
}

const RunResult* findRunOfDevice(const StageResult& stage, DeviceId device)
{
    const auto entry = stage.used.devices.find(device);
    if (entry == stage.used.devices.end()) return nullptr;
    const Part& part = stage.used.parts.at(entry->second.part);
    const RunResult* inside = nullptr;
    for (const RunResult& run : stage.runs) {
        if (run.run.id.coil.device != device) continue;
        if (!isWay(part, run.run.id.coil.element)) return &run;
        if (!inside) inside = &run;
    }
    return inside;
}

const ConeResult& coneOf(const StageResult& stage, const RunResult& run)
{
    const auto index = static_cast<size_t>(&run - stage.runs.data());
    return *firstWhere(stage.cones, [&](const ConeResult& cone) {
        return std::find(cone.runs.begin(), cone.runs.end(), index) != cone.runs.end();
    });
}

}  // namespace core
