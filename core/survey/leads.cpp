#include "core/survey/leads.h"

#include <algorithm>
#include <deque>
#include <set>

#include "core/survey/unplug.h"

namespace core {
namespace {

LeadEnd endOf(const Fitout& fitout, DeviceId id)
{
    const Device& device = fitout.devices.at(id);
    const Part& part = fitout.parts.at(device.part);
    if (isSource(part)) return {.source = id};
    // A filter that lies at its driver's place is on the way there; a place is where something plays.
    return part.kind == PartKind::Driver ? LeadEnd{.place = device.at} : LeadEnd{};
}

bool isOne(const LeadEnd& end)
{
    return end.source || end.place;
}

bool hasPlug(const Fitout& fitout, DeviceId id)
{
    const auto connectors = pluggedConnectors(fitout, id);
    return std::any_of(connectors.begin(), connectors.end(), [](const std::string& name) { return !name.empty(); });
}

using Neighbours = std::map<DeviceId, std::set<DeviceId>>;

Neighbours neighboursOf(const Fitout& fitout)
{
    Neighbours beside;
    for (const auto& [id, wire] : fitout.wires) {
        if (wire.a.device == wire.b.device) continue;
        beside[wire.a.device].insert(wire.b.device);
        beside[wire.b.device].insert(wire.a.device);
    }
    return beside;
}

struct Step {
    DeviceId device{};
    std::set<DeviceId> way{};  // what was passed, itself too
};

// Every end that is met from this one and was not reached before, with the devices on the way.
std::map<LeadEnd, std::set<DeviceId>> endsFrom(const Fitout& fitout, const Neighbours& beside, const LeadEnd& from,
                                               const std::set<LeadEnd>& reached)
{
    std::map<LeadEnd, std::set<DeviceId>> ends;
    std::deque<Step> ahead;
    std::set<DeviceId> passed;
    for (const auto& [own, one] : fitout.devices) {
        if (endOf(fitout, own) != from) continue;
        ahead.push_back({own, {own}});
        passed.insert(own);
    }
    for (; !ahead.empty(); ahead.pop_front()) {
        const auto there = beside.find(ahead.front().device);
        if (there == beside.end()) continue;
        for (const DeviceId next : there->second) {
            std::set<DeviceId> way = ahead.front().way;
            way.insert(next);
            const LeadEnd to = endOf(fitout, next);
            if (isOne(to)) {
                if (to != from && !reached.contains(to)) ends[to].merge(way);
            } else if (passed.insert(next).second) {
                ahead.push_back({next, std::move(way)});
            }
        }
    }
    return ends;
}

Lead leadAlong(const Fitout& fitout, const LeadEnd& from, const LeadEnd& to, const std::set<DeviceId>& way)
{
    Lead lead{.from = from, .to = to};
    for (const auto& [id, wire] : fitout.wires)
        if (wire.a.device != wire.b.device && way.contains(wire.a.device) && way.contains(wire.b.device))
            lead.wires.push_back(id);
    lead.plug = std::any_of(way.begin(), way.end(),
                            [&](DeviceId device) { return endOf(fitout, device) == to && hasPlug(fitout, device); });
    return lead;
}

}  // namespace

std::vector<Lead> leads(const Fitout& fitout)
{
    const Neighbours beside = neighboursOf(fitout);
    std::vector<Lead> found;
    std::set<LeadEnd> reached;
    // A radio begins; an amplifier that it feeds is found from it, and begins by itself where nothing does.
    std::vector<DeviceId> sources;
    for (const bool amplifiers : {false, true})
        for (const auto& [id, device] : fitout.devices) {
            const Part& part = fitout.parts.at(device.part);
            if (isSource(part) && (part.kind == PartKind::Amplifier) == amplifiers) sources.push_back(id);
        }
    for (const DeviceId source : sources) {
        if (!reached.insert({.source = source}).second) continue;
        std::deque<LeadEnd> starts{{.source = source}};
        for (; !starts.empty(); starts.pop_front())
            for (const auto& [to, way] : endsFrom(fitout, beside, LeadEnd(starts.front()), reached)) {
                reached.insert(to);
                starts.push_back(to);
                found.push_back(leadAlong(fitout, starts.front(), to, way));
            }
    }
    return found;
}

}  // namespace core
