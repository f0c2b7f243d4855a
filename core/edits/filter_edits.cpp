#include "core/edits/filter_edits.h"

#include <algorithm>
#include <map>

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/board.h"
#include "core/model/inside_ways.h"
#include "core/survey/lead_back.h"

namespace core {
namespace {

FilterPlace placeOfCapacitor(const Fitout& fitout, DeviceId driver, const Port& capacitor)
{
    if (capacitor.device == driver) return FilterPlace::Speaker;
    const PartKind kind = partOf(fitout, capacitor.device).kind;
    const bool atDriver = fitout.devices.at(capacitor.device).at == fitout.devices.at(driver).at;
    return kind == PartKind::Plug || (kind == PartKind::Lead && atDriver) ? FilterPlace::Plug : FilterPlace::Harness;
}

std::optional<Known> capacitanceOf(const Part& part, const std::string& element)
{
    const Figures figures = figuresOf(part, element);
    const auto found = figures.find(Quantity::Capacitance_f);
    return found == figures.end() ? std::nullopt : std::optional(found->second);
}

// The devices a driver's pair comes through, nearest first.
std::vector<DeviceId> devicesBefore(const Fitout& fitout, DeviceId driver)
{
    std::vector<DeviceId> devices;
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return devices;
    for (const std::string& terminal : {ends->plus, ends->minus}) {
        const LeadBack back = leadBack(fitout, {driver, terminal});
        for (const WireId id : back.wires)
            for (const Pin& pin : {fitout.wires.at(id).b, fitout.wires.at(id).a}) {
                const PartKind kind = partOf(fitout, pin.device).kind;
                const bool passes = kind == PartKind::Plug || kind == PartKind::Lead || kind == PartKind::Network;
                if (passes && std::find(devices.begin(), devices.end(), pin.device) == devices.end())
                    devices.push_back(pin.device);
            }
    }
    return devices;
}

// All wires that come from outside to one pin at a stage end at another pin now.
void moveAt(Plan& after, StageId stage, const Fitout& fitout, const Pin& from, const Pin& to)
{
    for (const auto& [id, wire] : fitout.wires) {
        const bool a = wire.a == from, b = wire.b == from;
        if (a == b || wire.a.device == wire.b.device) continue;
        Wire moved = wire;
        (a ? moved.a : moved.b) = to;
        putAt(after, &Plan::wires, stage, id, moved);
    }
}

// The same at every stage made on this one: what it has of its own there was made on the wires as they were.
void moveOutside(Plan& after, StageId stage, const Pin& from, const Pin& to)
{
    const Plan before = after;
    for (const auto& [id, one] : before.stages)
        if (standsOn(before, id, stage)) moveAt(after, id, resolve(before, id), from, to);
}

// What arrived at a pin arrives at `in` now, and `out` goes on to it.
void putBefore(Plan& after, StageId stage, const Pin& pin, const Pin& in, const Pin& out)
{
    moveOutside(after, stage, pin, in);
    after.wires[{stage, drawId<WireId>(after)}] = Wire{.a = out, .b = pin};
}

Part partInLead(const std::string& name, const Element& element)
{
    Part part{.kind = PartKind::Network, .name = name, .shelfKey = kMade, .terminals = {{"i", ""}, {"o", ""}}};
    part.inside[element.kind == ElementKind::Capacitor ? "C" : "R"] = element;
    return part;
}

void putInLead(Plan& after, StageId stage, DeviceId driver, const Part& part, PlaceId at)
{
    const Fitout fitout = resolve(after, stage);
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return;
    const PartId id = copyIn(after, part);
    const auto device = drawId<DeviceId>(after);
    after.devices[{stage, device}] = Device{.part = id, .at = at, .label = part.name};
    putBefore(after, stage, feedPin(fitout, {driver, ends->plus}), {device, "i"}, {device, "o"});
}

Edit planInLead(const Plan& plan, DeviceId driver, EditName name, const Part& part)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, driver)) putInLead(after, goal, one, part, fitout.devices.at(one).at);
    return difference(name, plan, after);
}

// Another part in one device alone.
void play(Plan& after, StageId stage, DeviceId device, const Part& part)
{
    Device changed = *itemAt(after, &Plan::devices, stage, device);
    const PartId before = changed.part;
    changed.part = copyIn(after, part);
    if (changed.part == before) return;
    putAt(after, &Plan::devices, stage, device, changed);
    const bool used = std::any_of(after.devices.begin(), after.devices.end(),
                                  [&](const auto& entry) { return entry.second && entry.second->part == before; });
    if (!used) after.parts.erase(before);
}

// Right at the driver; another one that is there already is exchanged.
void putAcross(Plan& after, StageId stage, DeviceId driver, const Part& part)
{
    const Fitout fitout = resolve(after, stage);
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return;
    if (const DeviceId there = branchAcross(fitout, driver)) return play(after, stage, there, part);
    const auto device = drawId<DeviceId>(after);
    after.devices[{stage, device}] =
        Device{.part = copyIn(after, part), .at = fitout.devices.at(driver).at, .label = part.name};
    putBefore(after, stage, {driver, ends->plus}, {device, "in+"}, {device, "out+"});
    putBefore(after, stage, {driver, ends->minus}, {device, "in-"}, {device, "out-"});
}

// The pin on the other side of this one, outside its device.
std::optional<Pin> beyond(const Fitout& fitout, const Pin& pin)
{
    for (const auto& [id, wire] : fitout.wires)
        for (const auto& [near, far] : {std::pair{wire.a, wire.b}, std::pair{wire.b, wire.a}})
            if (near == pin && far.device != pin.device) return far;
    return std::nullopt;
}

// A device of the lead has become nothing but a way through, and goes; what arrived at it goes on to the driver, at
// every stage by the wires that stage has.
void closeLead(Plan& after, StageId stage, DeviceId device)
{
    const Plan before = after;
    for (const auto& [id, one] : before.stages) {
        const Fitout fitout = resolve(before, id);
        if (!standsOn(before, id, stage) || !fitout.devices.contains(device)) continue;
        const Part& part = partOf(fitout, device);
        for (const auto& [name, element] : part.inside) {
            const bool passes = element.kind == ElementKind::Link || !isBranchAcross(part);
            const auto on = passes ? beyond(fitout, {device, element.b}) : std::nullopt;
            if (on) moveAt(after, id, fitout, {device, element.a}, *on);
        }
    }
    dropDevice(after, stage, device);
}

void setCapacitance(Element& element, const std::optional<Known>& value)
{
    element.kind = ElementKind::Capacitor;
    put(element.figures, Quantity::Capacitance_f, value);
}

// The capacitor of a part on the way to a driver's coil: of one that branches, the one that every way passes; what lies
// across it holds nothing back.
std::string capacitorTo(const Fitout& fitout, DeviceId driver, DeviceId before)
{
    if (isBranchAcross(partOf(fitout, before))) return {};
    const std::vector<std::string> names = allOf(partOf(fitout, before), ElementKind::Capacitor);
    const bool alone = names.size() < 2 && partOf(fitout, before).terminals.size() <= 4;
    if (alone && legsOf(partOf(fitout, before)).empty()) return names.empty() ? "" : names.front();
    for (const Run& run : runs(fitout))
        for (const Port& port : run.seriesCapacitors)
            if (run.id.coil.device == driver && port.device == before) return port.element;
    return {};
}

// The channels that play a driver.
std::vector<Port> channelsOf(const Fitout& fitout, DeviceId driver)
{
    std::vector<Port> ports;
    for (const Run& run : runs(fitout))
        if (run.id.coil.device == driver && std::find(ports.begin(), ports.end(), run.id.channel) == ports.end())
            ports.push_back(run.id.channel);
    return ports;
}

// The channel's own high-pass: as a survey finds it a figure of the source, as planned a knob that is set.
void setChannelFilter(Plan& after, StageId stage, DeviceId driver, const std::optional<Known>& highPass_hz)
{
    for (const Port& channel : channelsOf(resolve(after, stage), driver)) {
        const bool planned = after.stages.at(stage).kind == StageKind::Planned;
        if (const auto there = itemAt(after, &Plan::settings, stage, channel); planned || (there && there->highPass)) {
            Setting setting = there.value_or(Setting{});
            setting.highPass = highPass_hz ? std::optional(Filter{highPass_hz->value, 2}) : std::nullopt;
            putAt(after, &Plan::settings, stage, channel, setting);
        }
        Part source = partOf(resolve(after, stage), channel.device);
        Figures& figures = source.inside.at(channel.element).figures;
        const Figures was = figures;
        if (!planned || !highPass_hz) figures.erase(Quantity::HighPass_hz);
        if (!planned && highPass_hz) figures[Quantity::HighPass_hz] = *highPass_hz;
        if (figures == was) continue;
        if (planned)
            play(after, stage, channel.device, source);  // what is built in is switched off for the job alone
        else
            after = apply(after, changePart(after, stage, channel.device, source)).plan;
    }
}

// What is there goes: a made part out of the lead, a capacitor in a plug or driver out of its part.
void clearFilter(Plan& after, StageId stage, DeviceId driver)
{
    constexpr int kMostInALead = 8;
    for (int i = 0; i < kMostInALead; ++i) {
        const Fitout fitout = resolve(after, stage);
        const FilterFound found = filterOf(fitout, driver);
        if (found.place == FilterPlace::None) return;
        if (found.place == FilterPlace::Amplifier) return setChannelFilter(after, stage, driver, std::nullopt);
        Part part = partOf(fitout, found.capacitor.device);
        if (found.place == FilterPlace::Speaker) {
            setOwnCapacitor(part, std::nullopt);
            play(after, stage, driver, part);
        } else if (part.kind == PartKind::Network && part.inside.size() == 1) {
            closeLead(after, stage, found.capacitor.device);
        } else {
            Element& element = part.inside.at(found.capacitor.element);
            element.kind = ElementKind::Link;
            element.figures.clear();
            play(after, stage, found.capacitor.device, part);
        }
    }
}

void dropBridge(Plan& after, StageId stage, const Port& capacitor)
{
    const Fitout fitout = resolve(after, stage);
    const Element& element = partOf(fitout, capacitor.device).inside.at(capacitor.element);
    for (const auto& [id, wire] : fitout.wires)
        if (liesAcross(wire, capacitor.device, element)) dropAt(after, &Plan::wires, stage, id);
}

// The plug of the car that reaches the driver, or a new one before its terminals.
DeviceId plugBefore(Plan& after, StageId stage, DeviceId driver)
{
    const Fitout fitout = resolve(after, stage);
    for (const DeviceId device : devicesBefore(fitout, driver))
        if (partOf(fitout, device).kind == PartKind::Plug) return device;
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return {};
    Part plug{.kind = PartKind::Plug, .name = "plug"};
    plug.terminals = {{"h+", ""}, {"h-", ""}, {"s+", "plug"}, {"s-", "plug"}};
    for (const std::string pole : {"+", "-"})
        plug.inside["link" + pole] = {.kind = ElementKind::Link, .a = "h" + pole, .b = "s" + pole};
    const auto device = drawId<DeviceId>(after);
    after.devices[{stage, device}] = Device{.part = copyIn(after, plug), .at = fitout.devices.at(driver).at};
    for (const auto& [terminal, pole] : {std::pair{ends->plus, "+"}, std::pair{ends->minus, "-"}}) {
        const std::string in = std::string("h") + pole, out = std::string("s") + pole;
        putBefore(after, stage, {driver, terminal}, {device, in}, {device, out});
    }
    return device;
}

void putFilter(Plan& after, StageId stage, DeviceId driver, FilterPlace place, const std::optional<Known>& value)
{
    switch (place) {
        case FilterPlace::None:
            return;
        case FilterPlace::Speaker: {
            const Fitout fitout = resolve(after, stage);
            Part part = partOf(fitout, driver);
            setOwnCapacitor(part, Known{});
            setCapacitance(part.inside.at(ownCapacitorOf(part)), value);
            return play(after, stage, driver, part);
        }
        case FilterPlace::Plug: {
            const DeviceId plug = plugBefore(after, stage, driver);
            if (!plug) return;
            Part part = partOf(resolve(after, stage), plug);
            for (auto& [name, element] : part.inside)
                if (element.kind == ElementKind::Link) {
                    setCapacitance(element, value);
                    return play(after, stage, plug, part);
                }
            return;
        }
        case FilterPlace::Harness: {
            Element element{.a = "i", .b = "o"};
            setCapacitance(element, value);
            Part part = partInLead("capacitor in the harness", element);
            part.shelfKey.clear();  // it was found, nobody made it
            return putInLead(after, stage, driver, part, {});
        }
        case FilterPlace::Amplifier: {
            constexpr double kUsual_hz = 100.0;  // where nobody has read the knob; common practice, no source
            return setChannelFilter(after, stage, driver, value.value_or(Known{kUsual_hz, {Origin::ClassGuess}}));
        }
    }
}

}  // namespace

bool isBridged(const Fitout& fitout, const Port& capacitor)
{
    const Element& element = partOf(fitout, capacitor.device).inside.at(capacitor.element);
    return std::any_of(fitout.wires.begin(), fitout.wires.end(),
                       [&](const auto& entry) { return liesAcross(entry.second, capacitor.device, element); });
}

DeviceId branchAcross(const Fitout& fitout, DeviceId driver)
{
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return {};
    const Pin tab{driver, ends->plus}, arrives = feedPin(fitout, tab);
    return arrives == tab ? DeviceId{} : arrives.device;
}

FilterFound filterOf(const Fitout& fitout, DeviceId driver)
{
    const Part& part = partOf(fitout, driver);
    if (const std::string own = ownCapacitorOf(part); !own.empty())
        return {FilterPlace::Speaker, {driver, own}, capacitanceOf(part, own), isBridged(fitout, {driver, own})};
    for (const DeviceId device : devicesBefore(fitout, driver)) {
        if (const std::string name = capacitorTo(fitout, driver, device); !name.empty()) {
            const Port capacitor{device, name};
            return {placeOfCapacitor(fitout, driver, capacitor), capacitor, capacitanceOf(partOf(fitout, device), name),
                    isBridged(fitout, capacitor)};
        }
    }
    for (const Port& channel : channelsOf(fitout, driver)) {
        if (const auto set = fitout.settings.find(channel); set != fitout.settings.end() && set->second.highPass)
            return {FilterPlace::Amplifier, {}, Known{set->second.highPass->frequency_hz, {Origin::Stated}}, false};
        const Figures figures = figuresOf(partOf(fitout, channel.device), channel.element);
        if (const auto found = figures.find(Quantity::HighPass_hz); found != figures.end())
            return {FilterPlace::Amplifier, {}, found->second, false};
    }
    return {};
}

Edit setFilter(const Plan& plan, StageId stage, DeviceId driver, FilterPlace place, const std::optional<Known>& value)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, driver);
    for (const DeviceId one : mates(resolve(plan, standing), driver)) {
        const FilterFound found = filterOf(resolve(after, standing), one);
        if (found.bridged) dropBridge(after, standing, found.capacitor);
        if (found.place == place && found.capacitor.device) {
            Part part = partOf(resolve(after, standing), found.capacitor.device);
            setCapacitance(part.inside.at(found.capacitor.element), value);
            play(after, standing, found.capacitor.device, part);
            continue;
        }
        clearFilter(after, standing, one);
        putFilter(after, standing, one, place, value);
    }
    dropUnused(after);
    return difference(EditName::SetFilter, plan, after);
}

Edit addCapacitor(const Plan& plan, DeviceId driver, double capacitance_f)
{
    return planInLead(
        plan, driver, EditName::SetFilter,
        partInLead("capacitor in the lead", {.kind = ElementKind::Capacitor,
                                             .a = "i",
                                             .b = "o",
                                             .figures = {{Quantity::Capacitance_f, Known{capacitance_f}}}}));
}

Edit addResistor(const Plan& plan, DeviceId driver, double resistance_ohm)
{
    return planInLead(
        plan, driver, EditName::AddResistor,
        partInLead("resistor in the lead", {.kind = ElementKind::Resistor,
                                            .a = "i",
                                            .b = "o",
                                            .figures = {{Quantity::Resistance_ohm, Known{resistance_ohm}}}}));
}

Edit addAcross(const Plan& plan, DeviceId driver, const SeriesBranch& branch)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId one : mates(resolve(after, goal), driver)) putAcross(after, goal, one, partAcross(branch));
    dropUnused(after);
    return difference(EditName::AddAcross, plan, after);
}

Edit takeOutOfLead(const Plan& plan, DeviceId device)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId one : mates(resolve(after, goal), device)) closeLead(after, goal, one);
    dropUnused(after);
    return difference(EditName::TakePartOut, plan, after);
}

void dropLooseParts(Plan& after, StageId stage)
{
    const auto isLoose = [](const Fitout& fitout, DeviceId device) {
        const Part& part = partOf(fitout, device);
        if (part.kind != PartKind::Network || !isMade(part) || legsOf(part).size() > 1) return false;
        size_t in = 0, out = 0;
        for (const auto& [id, wire] : fitout.wires)
            for (const Pin& pin : {wire.a, wire.b})
                if (pin.device == device) ++(pin.terminal.starts_with("i") ? in : out);
        return out == 0 && in <= part.terminals.size() / 2;
    };
    const Plan before = after;
    for (const auto& [id, one] : before.stages) {
        if (!standsOn(before, id, stage)) continue;
        for (bool more = true; more;) {  // one behind the other
            more = false;
            const Fitout fitout = resolve(after, id);
            for (const auto& [device, item] : fitout.devices)
                if (!more && isLoose(fitout, device)) {
                    dropDevice(after, id, device);
                    more = true;
                }
        }
    }
    dropUnused(after);
}

Edit takeBridgeOut(const Plan& plan, const Port& capacitor)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, capacitor.device))
        if (partOf(fitout, one).inside.contains(capacitor.element)) dropBridge(after, goal, {one, capacitor.element});
    return difference(EditName::SetFilter, plan, after);
}

}  // namespace core
