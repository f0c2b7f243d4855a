#include "core/edits/layers.h"

#include <algorithm>
#include <set>

namespace core {
namespace {

bool hangsOn(const Wire& wire, DeviceId device)
{
    return wire.a.device == device || wire.b.device == device;
}

void forget(Plan& plan, DeviceId device)
{
    std::erase_if(plan.wires, [&](const auto& entry) { return entry.second && hangsOn(*entry.second, device); });
    std::erase_if(plan.mounts, [&](const auto& entry) { return entry.first.key == device; });
    for (auto& [key, mount] : plan.mounts)
        if (mount && mount->behind == device) mount->behind = {};
    std::erase_if(plan.settings, [&](const auto& entry) { return entry.first.key.device == device; });
    std::erase_if(plan.curves, [&](const auto& entry) {
        return entry.second.kind == CurveKind::InPlace && entry.second.coil.device == device;
    });
    std::set<ReadingId> gone;
    std::erase_if(plan.readings, [&](const auto& entry) {
        const auto* port = std::get_if<Port>(&entry.second.of.of);
        const auto* whole = std::get_if<DeviceId>(&entry.second.of.of);
        const bool ofIt = (port && port->device == device) || (whole && *whole == device);
        if (ofIt) gone.insert(entry.first);
        return ofIt;
    });
    // What a part owes to such a reading stays measured.
    for (auto& [id, part] : plan.parts)
        for (auto& [name, element] : part.inside)
            for (auto& [quantity, known] : element.figures)
                if (gone.contains(known.basis.reading)) known.basis.reading = {};
}

}  // namespace

void dropDevice(Plan& plan, StageId stage, DeviceId device)
{
    for (const auto& [id, wire] : resolve(plan, stage).wires)
        if (hangsOn(wire, device)) dropAt(plan, &Plan::wires, stage, id);
    dropAt(plan, &Plan::devices, stage, device);
    const bool somewhere = std::any_of(plan.devices.begin(), plan.devices.end(),
                                       [&](const auto& entry) { return entry.first.key == device && entry.second; });
    if (somewhere) return;
    std::erase_if(plan.devices, [&](const auto& entry) { return entry.first.key == device; });
    forget(plan, device);
}

}  // namespace core
