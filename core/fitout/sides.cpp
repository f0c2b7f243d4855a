#include "core/fitout/sides.h"

#include <algorithm>

namespace core {
namespace {

// The device of this kind with the same rank at another place; ranks run by id.
DeviceId twinAt(const Fitout& fitout, DeviceId device, PlaceId other)
{
    const Device& own = fitout.devices.at(device);
    const PartKind kind = fitout.parts.at(own.part).kind;
    const auto rankedAt = [&](PlaceId place) {
        std::vector<DeviceId> ids;
        for (const auto& [id, entry] : fitout.devices)
            if (entry.at == place && fitout.parts.at(entry.part).kind == kind) ids.push_back(id);
        return ids;
    };
    const std::vector<DeviceId> here = rankedAt(own.at);
    const std::vector<DeviceId> there = rankedAt(other);
    const auto rank = static_cast<size_t>(std::find(here.begin(), here.end(), device) - here.begin());
    return rank < there.size() ? there[rank] : DeviceId{};
}

}  // namespace

const Place* placeOf(const Fitout& fitout, DeviceId device)
{
    const auto entry = fitout.devices.find(device);
    if (entry == fitout.devices.end()) return nullptr;
    const auto place = fitout.places.find(entry->second.at);
    return place == fitout.places.end() ? nullptr : &place->second;
}

std::vector<DeviceId> followersOf(const Fitout& fitout, DeviceId device)
{
    const Place* place = placeOf(fitout, device);
    if (!place || !place->pair || !fitout.places.at(place->pair).followsPair) return {};
    const DeviceId twin = twinAt(fitout, device, place->pair);
    return twin ? std::vector{twin} : std::vector<DeviceId>{};
}

DeviceId leaderOf(const Fitout& fitout, DeviceId device)
{
    const Place* place = placeOf(fitout, device);
    if (!place || !place->pair || !place->followsPair) return {};
    return twinAt(fitout, device, place->pair);
}

std::vector<DeviceId> mates(const Fitout& fitout, DeviceId device)
{
    std::vector<DeviceId> all{device};
    for (const DeviceId follower : followersOf(fitout, device)) all.push_back(follower);
    if (const DeviceId leader = leaderOf(fitout, device)) all.push_back(leader);
    return all;
}

PlaceId mateOf(const std::map<PlaceId, Place>& places, PlaceId place)
{
    const Place& own = places.at(place);
    return own.pair && (own.followsPair || places.at(own.pair).followsPair) ? own.pair : PlaceId{};
}

bool isOnDriversSide(const Fitout& fitout, DeviceId device)
{
    const auto drives = [](const auto& entry) { return entry.second.seat == Seat::Driver; };
    const auto driver = std::find_if(fitout.listeners.begin(), fitout.listeners.end(), drives);
    return driver == fitout.listeners.end() ||
           driver->second.head_m.y * placeOf(fitout, device)->frame.at_m.y >= 0.0;
}

bool repeatsLeader(const StageResult& stage, DeviceId device)
{
    const DeviceId leader = leaderOf(stage.used, device);
    const RunResult* own = findRunOfDevice(stage, device);
    const RunResult* other = leader ? findRunOfDevice(stage, leader) : nullptr;
    if (!own || !other) return false;
    const CircuitResult* ownCircuit = findCircuit(stage, own->run.id.channel);
    const CircuitResult* otherCircuit = findCircuit(stage, other->run.id.channel);
    return own->driver == other->driver && own->seriesCapacitance_f == other->seriesCapacitance_f &&
           ownCircuit->output == otherCircuit->output && ownCircuit->least_ohm == otherCircuit->least_ohm &&
           own->programme_w == other->programme_w;
}

}  // namespace core
