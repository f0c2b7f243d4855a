#include "core/job/place_work.h"

#include <algorithm>
#include <cmath>

#include "core/evaluate/supply.h"
#include "core/fitout/resolve.h"
#include "core/model/linings.h"

namespace core {
namespace {

std::vector<DeviceId>& worksOf(PlaceWork& work, const Part& part, bool stood)
{
    if (part.kind == PartKind::Driver) return work.drivers;
    if (isSource(part)) return work.sources;
    const bool fresh = !stood && (part.kind == PartKind::Network || part.kind == PartKind::Plug);
    return fresh ? work.inserts : work.leads;
}

// More of the same goes beside or over it; another stuff, or less of it, goes on bare metal.
void addLining(JobWork& job, PlaceId place, const Alteration* before, const Alteration* after)
{
    if (before == after || (before && after && *before == *after)) return;
    const auto figure = [](const Alteration* of, Quantity what, double otherwise) {
        return of ? valueOf(of->figures, what).value_or(otherwise) : 0.0;
    };
    const auto laid_m2 = [&](const Alteration* of) {
        return figure(of, Quantity::Covered_m2, 0.0) * figure(of, Quantity::Layers, 1.0);
    };
    PlaceWork& work = job.places[place];
    const bool goesOn = before && after && before->material == after->material && laid_m2(after) >= laid_m2(before);
    if (before && !goesOn) work.stripped.push_back(before->what);
    if (after)
        work.laid.push_back({after->what, after->material, laid_m2(after) - (goesOn ? laid_m2(before) : 0.0),
                             static_cast<int>(std::lround(figure(after, Quantity::Layers, 1.0)))});
}

// A wire between a driver's own terminals joins its coils, unless it lies across a capacitor that sits on it.
bool joinsCoils(const Part& part, const Wire& wire)
{
    if (part.kind != PartKind::Driver) return false;
    return std::none_of(part.inside.begin(), part.inside.end(), [&](const auto& entry) {
        return entry.second.kind == ElementKind::Capacitor && liesAcross(wire, wire.a.device, entry.second);
    });
}

}  // namespace

std::vector<DeviceId> PlaceWork::fitted() const
{
    std::vector<DeviceId> all = drivers;
    all.insert(all.end(), remounted.begin(), remounted.end());
    return all;
}

bool isNewCable(const Fitout& from, WireId id, const Wire& wire)
{
    const auto before = from.wires.find(id);
    return before == from.wires.end() || before->second.figures != wire.figures;
}

bool isMoved(const Fitout& from, const Fitout& to, DeviceId device)
{
    const auto before = from.devices.find(device), after = to.devices.find(device);
    return before != from.devices.end() && after != to.devices.end() && before->second.at != after->second.at;
}

bool newSpacer(const Fitout& from, const Fitout& to, DeviceId driver)
{
    const PartId spacer = mountOf(to, driver).spacer;
    return spacer && spacer != mountOf(from, driver).spacer;
}

JobWork workBetween(const Fitout& from, const Fitout& to)
{
    JobWork job;
    for (const auto& [id, device] : to.devices) {
        const Part& part = to.parts.at(device.part);
        const bool moved = part.kind == PartKind::Driver && isMoved(from, to, id);
        if (moved && from.devices.at(id).at) job.places[from.devices.at(id).at].moved.push_back(id);
        if (samePartAsBefore(from, to, id)) {
            if (moved || (part.kind == PartKind::Driver && mountOf(from, id) != mountOf(to, id)))
                job.places[device.at].remounted.push_back(id);
        } else if (part.kind == PartKind::Fuse) {
            job.fuses.push_back(id);
        } else {
            worksOf(job.places[device.at], part, from.devices.contains(id)).push_back(id);
        }
    }
    for (const auto& [id, device] : from.devices)
        if (!to.devices.contains(id) && from.parts.at(device.part).kind != PartKind::Fuse)
            job.places[device.at].gone.push_back(id);
    for (const auto& [id, wire] : to.wires) {
        if (wire.b.terminal == kSupplyTerminal && isNewCable(from, id, wire)) job.supplies.push_back(id);
        if (from.wires.contains(id) || wire.a.device != wire.b.device) continue;
        PlaceWork& work = job.places[to.devices.at(wire.a.device).at];
        auto& list = joinsCoils(partOf(to, wire.a.device), wire) ? work.coils : work.links;
        if (std::find(list.begin(), list.end(), wire.a.device) == list.end()) list.push_back(wire.a.device);
    }
    for (const auto& [id, alteration] : to.alterations)
        if (const auto before = from.alterations.find(id);
            !isLining(alteration.what) && (before == from.alterations.end() || before->second != alteration))
            job.places[alteration.place].alterations.push_back(alteration);
    for (const auto& [place, item] : to.places)
        for (const AlterationKind what : kLinings)
            addLining(job, place, alterationAt(from, place, what), alterationAt(to, place, what));
    return job;
}

}  // namespace core
