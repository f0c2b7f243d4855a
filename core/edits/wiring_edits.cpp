// What joins a driver to its source: the wiring half of survey_edits.h.
#include <algorithm>
#include <cmath>

#include "core/edits/layers.h"
#include "core/edits/place_edits.h"
#include "core/edits/source_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/lead_back.h"
#include "core/evaluate/sides.h"

namespace core {
namespace {

const Part& partOf(const Plan& plan, StageId stage, DeviceId device)
{
    return plan.parts.at(itemAt(plan, &Plan::devices, stage, device)->part);
}

std::optional<Leads> leadsOfDriver(const Plan& plan, StageId stage, DeviceId device)
{
    const Part& part = partOf(plan, stage, device);
    return leadsOf(part, firstOf(part, ElementKind::Coil));
}

// The wire that arrives at `to` comes from `from` now; its colour was another wire's.
void rewire(Plan& after, StageId stage, const Fitout& fitout, const Pin& from, const Pin& to)
{
    const LeadBack back = leadBack(fitout, to);
    const WireId there = back.wires.empty() ? WireId{} : back.wires.front();
    if (there && fitout.wires.at(there).a == from) return;
    const WireId id = there ? there : drawId<WireId>(after);
    putAt(after, &Plan::wires, stage, id, Wire{.a = from, .b = to});
}

void join(Plan& after, StageId stage, const Fitout& fitout, DeviceId device, DeviceId from, const Leads& plusMinus)
{
    const auto own = leadsOfDriver(after, stage, device);
    if (!own) return;
    rewire(after, stage, fitout, {from, plusMinus.plus}, leadBack(fitout, {device, own->plus}).arrival);
    rewire(after, stage, fitout, {from, plusMinus.minus}, leadBack(fitout, {device, own->minus}).arrival);
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

    Port channelFor(double y, bool alone)
    {
        const std::string stem = m_spot.driverClass.starts_with("subwoofer") ? "S" : m_spot.row > 1 ? "R" : "F";
        const std::string side = alone ? "C" : y > 0.0 ? "L" : "R";
        const Fitout fitout = resolve(m_after, m_stage);
        if (m_spot.ownFilter)
            if (const auto shared = find(fitout, stem + side, true)) return *shared;
        for (int i = 1; i <= 9; ++i) {
            const std::string name = stem + (i > 1 ? std::to_string(i) : "") + side;
            if (const auto open = find(fitout, name, false)) return *open;
            if (!find(fitout, name, true)) return made(fitout, name);
        }
        return made(fitout, stem + "x" + side);
    }

private:
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
        const Port channel = ChannelFinder(after, stage, spot).channelFor(there.frame.at_m.y, !there.pair);
        const auto device = drawId<DeviceId>(after);
        after.devices[{stage, device}] =
            Device{.part = part, .at = place, .label = roleOf(spot), .basis = {Origin::ClassGuess}};
        const Element& output = partOf(after, stage, channel.device).inside.at(channel.element);
        const Leads from{output.a, output.b};
        for (const auto& [a, b] : {std::pair{from.plus, own.plus}, {from.minus, own.minus}})
            after.wires[{stage, drawId<WireId>(after)}] = Wire{.a = {channel.device, a}, .b = {device, b}};
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

Edit loopThrough(const Plan& plan, StageId stage, DeviceId device, DeviceId from)
{
    Plan after = plan;
    const StageId standing = standingOfBoth(plan, stage, device, from);
    const Fitout fitout = resolve(plan, standing);
    const auto link = [&](DeviceId to, DeviceId source) {
        if (const auto leads = leadsOfDriver(plan, standing, source)) join(after, standing, fitout, to, source, *leads);
    };
    const auto ours = mates(fitout, device), theirs = mates(fitout, from);
    for (size_t i = 0; i < std::min(ours.size(), theirs.size()); ++i) link(ours[i], theirs[i]);
    return difference(EditName::ConnectSpeaker, plan, after);
}

}  // namespace core
