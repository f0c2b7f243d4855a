// What joins a driver to its source: the wiring half of survey_edits.h.
#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/layers.h"
#include "core/edits/place_edits.h"
#include "core/edits/source_edits.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/sides.h"
#include "core/model/inside_ways.h"
#include "core/survey/lead_back.h"

namespace core {
namespace {

const Part& partOf(const Plan& plan, StageId stage, DeviceId device)
{
    return plan.parts.at(itemAt(plan, &Plan::devices, stage, device)->part);
}

// What a later stage made of this wire comes from there too: the car's own end of it was corrected, not the plan's.
void carryUp(Plan& after, StageId stage, WireId id, const Pin& was, const Pin& from)
{
    for (auto& [key, wire] : after.wires) {
        if (key.key != id || key.stage == stage || !wire || !standsOn(after, key.stage, stage)) continue;
        for (Pin* end : {&wire->a, &wire->b})
            if (*end == was) *end = from;
    }
}

// The wire that arrives at `to` comes from `from` now; its colour was another wire's.
void rewire(Plan& after, StageId stage, const Fitout& fitout, const Pin& from, const Pin& to)
{
    const LeadBack back = leadBack(fitout, to);
    const WireId there = back.wires.empty() ? WireId{} : back.wires.front();
    if (from == to || (there && fitout.wires.at(there).a == from)) return;
    const WireId id = there ? there : drawId<WireId>(after);
    putAt(after, &Plan::wires, stage, id, Wire{.a = from, .b = to});
    if (!there) return;
    const Wire& was = fitout.wires.at(there);
    carryUp(after, stage, id, was.a == to ? was.b : was.a, from);
}

void join(Plan& after, StageId stage, const Fitout& fitout, DeviceId device, DeviceId from, const Leads& plusMinus)
{
    const auto own = feedEnds(fitout, device);
    if (!own) return;
    rewire(after, stage, fitout, {from, plusMinus.plus}, leadBack(fitout, {device, own->plus}).arrival);
    rewire(after, stage, fitout, {from, plusMinus.minus}, leadBack(fitout, {device, own->minus}).arrival);
}

// A stage keeps the wires it had, where those made below it would close a ring with its own.
void keepWires(Plan& after, const Plan& before, StageId stage)
{
    const auto was = resolve(before, stage).wires;
    for (const auto& [id, wire] : resolve(after, stage).wires)
        if (!was.contains(id)) dropAt(after, &Plan::wires, stage, id);
    for (const auto& [id, wire] : was) putAt(after, &Plan::wires, stage, id, wire);
}

// Where both ends of a new wire stand.
StageId standingOfBoth(const Plan& plan, StageId stage, DeviceId a, DeviceId b)
{
    return std::max(standingAt(plan, &Plan::devices, stage, a), standingAt(plan, &Plan::devices, stage, b));
}

bool isWired(const Fitout& fitout, DeviceId device, const Element& output)
{
    return std::any_of(fitout.wires.begin(), fitout.wires.end(), [&](const auto& entry) {
        for (const Pin& pin : {entry.second.a, entry.second.b})
            if (pin.device == device && (pin.terminal == output.a || pin.terminal == output.b)) return true;
        return false;
    });
}

// Which channel a driver at this spot and side usually hangs on. New channels are made on `after` where none is free.
class ChannelFinder {
public:
    ChannelFinder(Plan& after, StageId stage, const UsualSpot& spot) : m_after(after), m_stage(stage), m_spot(spot) {}

    // Nothing where one plans and no channel is free: an amplifier that nobody has chosen is not invented.
    std::optional<Port> channelFor(double y, bool alone)
    {
        const std::string stem = m_spot.driverClass.starts_with("subwoofer") ? "S" : m_spot.row > 1 ? "R" : "F";
        const std::string side = alone ? "C" : y > 0.0 ? "L" : "R";
        const Fitout fitout = resolve(m_after, m_stage);
        if (m_spot.ownFilter)
            if (const auto shared = find(fitout, stem + side, true)) return *shared;
        for (int i = 1; i <= 9; ++i) {
            const std::string name = stem + (i > 1 ? std::to_string(i) : "") + side;
            if (const auto open = find(fitout, name, false)) return *open;
            if (!find(fitout, name, true)) return makes() ? std::optional(made(fitout, name)) : std::nullopt;
        }
        return makes() ? std::optional(made(fitout, stem + "x" + side)) : std::nullopt;
    }

private:
    [[nodiscard]] bool makes() const { return m_after.stages.at(m_stage).kind != StageKind::Planned; }

    [[nodiscard]] static std::optional<Port> find(const Fitout& fitout, const std::string& name, bool wired)
    {
        for (const auto& [id, device] : fitout.devices) {
            const Part& part = fitout.parts.at(device.part);
            const auto output = part.inside.find(name);
            if (isSource(part) && output != part.inside.end() && output->second.kind == ElementKind::Output &&
                isWired(fitout, id, output->second) == wired)
                return Port{id, name};
        }
        return std::nullopt;
    }

    Port made(const Fitout& fitout, const std::string& name)
    {
        const std::string kUnknown = "unknown amplifier";
        // One that was assumed takes more channels, whatever somebody has called it since.
        for (const auto& [id, device] : fitout.devices)
            if (isSource(fitout.parts.at(device.part)) && device.basis.origin == Origin::ClassGuess) {
                addChannels(m_after.parts.at(device.part), {name});
                return {id, name};
            }
        const auto part = drawId<PartId>(m_after);
        m_after.parts[part] = {.kind = PartKind::Amplifier, .name = kUnknown};
        addChannels(m_after.parts.at(part), {name});
        const auto device = drawId<DeviceId>(m_after);
        m_after.devices[{m_stage, device}] = Device{.part = part, .label = kUnknown, .basis = {Origin::ClassGuess}};
        return {device, name};
    }

    Plan& m_after;
    StageId m_stage;
    const UsualSpot& m_spot;
};

std::string roleOf(const UsualSpot& spot)
{
    return spot.driverClass.find("Tweeter") != std::string::npos     ? "tweeter"
           : spot.driverClass.find("subwoofer") != std::string::npos ? "subwoofer"
                                                                     : "speaker";
}

Part usualDriver(const UsualSpot& spot, const Practice& practice)
{
    Part part{.kind = PartKind::Driver,
              .name = spot.name + " driver",
              .driverClass = spot.driverClass,
              .terminals = {{"1+", "plug"}, {"1-", "plug"}},  // as the shelf names them, so that the wires fit
              .inside = {{"1", {.kind = ElementKind::Coil, .a = "1+", .b = "1-"}}}};
    addUsualWays(part, practice);
    if (spot.ownFilter) setOwnCapacitor(part, Known{practice[PracticeKey::TweeterCapacitor_f], {Origin::ClassGuess}});
    return part;
}

// The drivers of a spot, at one place or at a pair.
void fill(Plan& after, StageId stage, const std::vector<PlaceId>& places, const UsualSpot& spot,
          const Practice& practice)
{
    const auto part = drawId<PartId>(after);
    after.parts[part] = usualDriver(spot, practice);
    const Leads own = *leadsOf(after.parts[part], "1");
    for (const PlaceId place : places) {
        const Place& there = after.places.at(place);
        const auto channel = ChannelFinder(after, stage, spot).channelFor(there.frame.at_m.y, !there.pair);
        const auto device = drawId<DeviceId>(after);
        after.devices[{stage, device}] =
            Device{.part = part, .at = place, .label = roleOf(spot), .basis = {Origin::ClassGuess}};
        if (!channel) continue;
        const Element& output = partOf(after, stage, channel->device).inside.at(channel->element);
        const Leads from{output.a, output.b};
        for (const auto& [a, b] : {std::pair{from.plus, own.plus}, {from.minus, own.minus}})
            after.wires[{stage, drawId<WireId>(after)}] = Wire{.a = {channel->device, a}, .b = {device, b}};
    }
}

}  // namespace

Edit addSpeakers(const Plan& plan, StageId stage, const UsualSpot& spot, const Practice& practice)
{
    Plan after = apply(plan, addPlaces(plan, spot.kind, spot.name, spot.frame)).plan;
    std::vector<PlaceId> places;
    for (const auto& [id, place] : after.places)
        if (!plan.places.contains(id)) places.push_back(id);
    // left before right, so that the wiring reads as people write it
    std::sort(places.begin(), places.end(),
              [&](PlaceId a, PlaceId b) { return after.places.at(a).frame.at_m.y > after.places.at(b).frame.at_m.y; });
    fill(after, stage, places, spot, practice);
    return difference(EditName::AddSpeakers, plan, after);
}

Edit addSpeakersAt(const Plan& plan, StageId stage, PlaceId place, const UsualSpot& spot, const Practice& practice)
{
    Plan after = plan;
    std::vector<PlaceId> places{place};
    if (const PlaceId mate = mateOf(plan.places, place)) places.push_back(mate);
    fill(after, stage, places, spot, practice);
    return difference(EditName::AddSpeakers, plan, after);
}

Edit connectSpeaker(const Plan& plan, StageId stage, DeviceId device, const Port& channel)
{
    Plan after = plan;
    const StageId standing = standingOfBoth(plan, stage, device, channel.device);
    const Fitout fitout = resolve(plan, standing);
    const auto& inside = partOf(plan, standing, channel.device).inside;
    const Element& output = inside.at(channel.element);
    join(after, standing, fitout, device, channel.device, {output.a, output.b});
    const auto twin = inside.find(output.twin);
    if (twin != inside.end())
        for (const DeviceId mate : mates(fitout, device))
            if (mate != device) join(after, standing, fitout, mate, channel.device, {twin->second.a, twin->second.b});
    return difference(EditName::ConnectSpeaker, plan, after);
}

bool mayFeed(const Fitout& fitout, DeviceId from, DeviceId device)
{
    const auto ours = mates(fitout, device);
    const auto isOurs = [&](DeviceId id) { return std::find(ours.begin(), ours.end(), id) != ours.end(); };
    const auto feeds = [&](DeviceId at) {
        const auto ends = fitout.devices.contains(at) ? feedEnds(fitout, at) : std::nullopt;
        return ends ? std::vector{leadBack(fitout, {at, ends->plus}), leadBack(fitout, {at, ends->minus})}
                    : std::vector<LeadBack>(1);
    };
    std::set<WireId> arrivals;  // what would come from `from` afterwards
    for (const DeviceId one : ours)
        for (const LeadBack& back : feeds(one))
            if (!back.wires.empty()) arrivals.insert(leadBack(fitout, back.arrival).wires.front());
    std::set<DeviceId> seen;
    for (DeviceId at = from; at && !seen.contains(at);) {
        if (isOurs(at)) return false;
        seen.insert(at);
        const auto backs = feeds(at);
        for (const LeadBack& back : backs)
            for (const WireId wire : back.wires)
                if (arrivals.contains(wire)) return false;
        at = backs.front().from.device;
    }
    return true;
}

Edit loopThrough(const Plan& plan, StageId stage, DeviceId device, DeviceId from)
{
    Plan after = plan;
    const StageId standing = standingOfBoth(plan, stage, device, from);
    const Fitout fitout = resolve(plan, standing);
    if (!mayFeed(fitout, from, device)) return difference(EditName::ConnectSpeaker, plan, plan);
    const auto link = [&](DeviceId to, DeviceId source) {
        if (const auto ends = feedEnds(fitout, source)) join(after, standing, fitout, to, source, *ends);
    };
    const auto ours = mates(fitout, device), theirs = mates(fitout, from);
    for (size_t i = 0; i < std::min(ours.size(), theirs.size()); ++i) link(ours[i], theirs[i]);
    for (const auto& [id, later] : plan.stages)
        if (id != standing && standsOn(plan, id, standing) && !mayFeed(resolve(plan, id), from, device))
            keepWires(after, plan, id);
    return difference(EditName::ConnectSpeaker, plan, after);
}

}  // namespace core
