#include "core/fitout/resolve.h"

#include <algorithm>

namespace core {
namespace {

template <class Key, class Item>
std::map<Key, Item> flatten(const Layered<Key, Item>& table, const std::vector<StageId>& way)
{
    std::map<Key, Item> flat;
    for (const StageId stage : way) {
        for (auto entry = table.lower_bound({stage, Key{}}); entry != table.end() && entry->first.stage == stage;
             ++entry) {
            if (entry->second)
                flat.insert_or_assign(entry->first.key, *entry->second);
            else
                flat.erase(entry->first.key);
        }
    }
    return flat;
}

// A link across a capacitor that sits on its speaker ends behind it, inside.
bool isThere(const Fitout& fitout, const Pin& pin)
{
    const auto device = fitout.devices.find(pin.device);
    return device != fitout.devices.end() && hasNode(fitout.parts.at(device->second.part), pin.terminal);
}

}  // namespace

std::vector<StageId> wayTo(const Plan& plan, StageId stage)
{
    std::vector<StageId> way;
    for (StageId at = stage; at; at = plan.stages.at(at).on) way.push_back(at);
    std::reverse(way.begin(), way.end());
    return way;
}

Fitout resolve(const Plan& plan, StageId stage)
{
    const std::vector<StageId> way = wayTo(plan, stage);
    Fitout fitout{.body = plan.body,
                  .places = plan.places,
                  .panels = plan.panels,
                  .surfaces = plan.surfaces,
                  .listeners = plan.listeners};
    fitout.curves = plan.curves;
    fitout.devices = flatten(plan.devices, way);
    for (const auto& [id, device] : fitout.devices) fitout.parts.try_emplace(device.part, plan.parts.at(device.part));
    fitout.mounts = flatten(plan.mounts, way);
    for (const auto& [id, mount] : fitout.mounts)
        if (mount.spacer) fitout.parts.try_emplace(mount.spacer, plan.parts.at(mount.spacer));
    fitout.settings = flatten(plan.settings, way);
    fitout.wires = flatten(plan.wires, way);
    fitout.alterations = flatten(plan.alterations, way);
    for (const auto& [id, one] : fitout.alterations)
        if (one.material) fitout.parts.try_emplace(one.material, plan.parts.at(one.material));
    std::erase_if(fitout.wires, [&](const auto& entry) {
        const bool loose = !isThere(fitout, entry.second.a) || !isThere(fitout, entry.second.b);
        if (loose) fitout.loose.push_back(entry.first);
        return loose;
    });
    return fitout;
}

}  // namespace core
