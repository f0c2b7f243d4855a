#include "core/edits/network_edits.h"

#include <algorithm>
#include <set>

#include "core/edits/element_edits.h"
#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/coil_wiring.h"
#include "core/fitout/driver_work.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"
#include "core/model/inside_ways.h"
#include "core/survey/lead_back.h"

namespace core {
namespace {

bool joinsDevices(const Wire& wire)
{
    return wire.a.device != wire.b.device;
}

// Everything that comes to one pin from other devices comes to another one, as planned.
void movePin(Plan& after, StageId goal, const Pin& from, const Pin& to)
{
    for (const auto& [id, wire] : resolve(after, goal).wires) {
        if ((wire.a != from && wire.b != from) || !joinsDevices(wire)) continue;
        Wire moved = wire;
        (wire.a == from ? moved.a : moved.b) = to;
        putAt(after, &Plan::wires, goal, id, moved);
    }
}

// The tweeter's lead goes, and with it what was planned into it; what goes on from its terminals stays, and so does
// what is made across it.
void takeLeadOff(Plan& after, StageId goal, DeviceId tweeter)
{
    const Fitout fitout = resolve(after, goal);
    const auto ends = feedEnds(fitout, tweeter);
    if (!ends) return;
    for (const std::string& terminal : {ends->plus, ends->minus}) {
        const LeadBack lead = leadBack(fitout, feedPin(fitout, {tweeter, terminal}));
        if (lead.wires.empty()) continue;
        dropAt(after, &Plan::wires, goal, lead.wires.front());
        for (const WireId id : lead.wires)
            for (const Pin& pin : {fitout.wires.at(id).a, fitout.wires.at(id).b}) {
                const Part& between = partOf(fitout, pin.device);
                if (between.kind == PartKind::Network && !isTwoWay(between) &&
                    !itemAt(after, &Plan::devices, after.stages.at(goal).on, pin.device))
                    dropDevice(after, goal, pin.device);
            }
    }
}

struct Arrivals {
    Pin plus{}, minus{};
};
std::optional<Arrivals> arrivalsAt(const Fitout& fitout, DeviceId driver)
{
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return std::nullopt;
    return Arrivals{feedPin(fitout, {driver, ends->plus}), feedPin(fitout, {driver, ends->minus})};
}

void put(Plan& after, StageId goal, DeviceId woofer, DeviceId tweeter, PartId part)
{
    takeLeadOff(after, goal, tweeter);
    const Fitout fitout = resolve(after, goal);
    const auto low = arrivalsAt(fitout, woofer), high = arrivalsAt(fitout, tweeter);
    if (!low || !high) return;
    const auto network = drawId<DeviceId>(after);
    after.devices[{goal, network}] =
        Device{.part = part, .at = fitout.devices.at(woofer).at, .label = after.parts.at(part).name};
    movePin(after, goal, low->plus, {network, "in+"});
    movePin(after, goal, low->minus, {network, "in-"});
    const auto join = [&](const char* from, const Pin& to) {
        after.wires[{goal, drawId<WireId>(after)}] = Wire{.a = {network, from}, .b = to};
    };
    join("w+", low->plus);
    join("w-", low->minus);
    join("t+", high->plus);
    join("t-", high->minus);
}

// Where a woofer's lead leaves a two-way network, through whatever lies between the two.
struct Outlet {
    WireId wire{};
    Pin network{}, on{};  // the network's pin, and the one that the wire goes on to
};
std::optional<Outlet> outletTo(const Fitout& fitout, const Pin& tab)
{
    for (const WireId id : leadBack(fitout, tab).wires) {
        const Wire& wire = fitout.wires.at(id);
        for (const auto& [near, far] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}})
            if ((far.terminal == "w+" || far.terminal == "w-") && isTwoWay(partOf(fitout, far.device)))
                return Outlet{id, far, near};
    }
    return std::nullopt;
}

// What arrived at it arrives where the woofer's lead began, and what it fed goes on from there.
void takeOut(Plan& after, StageId goal, DeviceId woofer, DeviceId network)
{
    const Fitout fitout = resolve(after, goal);
    const auto low = feedEnds(fitout, woofer);
    for (const std::string& terminal : {low->plus, low->minus}) {
        const auto outlet = outletTo(fitout, {woofer, terminal});
        if (!outlet) continue;
        const std::string pole = outlet->network.terminal.substr(1);  // turned over, the other one
        dropAt(after, &Plan::wires, goal, outlet->wire);
        for (const char* from : {"in", "w", "t"}) movePin(after, goal, {network, std::string(from) + pole}, outlet->on);
    }
    dropDevice(after, goal, network);
}

std::set<DeviceId> fedBy(const Fitout& fitout, DeviceId network)
{
    std::set<DeviceId> fed;
    for (const Run& run : runs(fitout))
        if (std::find(run.along.begin(), run.along.end(), network) != run.along.end()) fed.insert(run.id.coil.device);
    return fed;
}

// What was bridged for the network does its task again.
void freeOwnCapacitor(Plan& after, StageId goal, DeviceId driver)
{
    const Fitout fitout = resolve(after, goal);
    const std::string own = ownCapacitorOf(partOf(fitout, driver));
    if (own.empty()) return;
    const Element& element = partOf(fitout, driver).inside.at(own);
    for (const auto& [id, wire] : fitout.wires)
        if (liesAcross(wire, driver, element) && !itemAt(after, &Plan::wires, after.stages.at(goal).on, id))
            dropAt(after, &Plan::wires, goal, id);
}

}  // namespace

bool isTwoWay(const Part& part)
{
    return part.kind == PartKind::Network && part.terminals.contains("in+") && part.terminals.contains("w+") &&
           part.terminals.contains("t+");
}

DeviceId networkOf(const Fitout& fitout, DeviceId woofer)
{
    const auto ends = feedEnds(fitout, woofer);
    const auto outlet = ends ? outletTo(fitout, {woofer, ends->plus}) : std::nullopt;
    return outlet ? outlet->network.device : DeviceId{};
}

DeviceId tweeterBeside(const Fitout& fitout, DeviceId woofer, const Practice& practice)
{
    if (isTweeter(partOf(fitout, woofer), practice)) return {};
    const std::vector<Run> all = runs(fitout);
    for (const Run& own : all)
        for (const Run& other : all) {
            const DeviceId device = other.id.coil.device;
            if (own.id.coil.device == woofer && device != woofer && other.id.channel == own.id.channel &&
                isTweeter(partOf(fitout, device), practice))
                return device;
        }
    return {};
}

Edit fitNetwork(const Plan& plan, DeviceId woofer, DeviceId tweeter, const Part& network)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    // A woofer that goes on from the tweeter would lose its feed with the tweeter's lead.
    const auto ends = feedEnds(fitout, woofer);
    if (ends && leadBack(fitout, {woofer, ends->plus}).from.device == tweeter) {
        const std::vector<Run> all = runs(fitout);
        const auto own =
            std::find_if(all.begin(), all.end(), [&](const Run& run) { return run.id.coil.device == tweeter; });
        if (own != all.end()) after = apply(after, connectSpeaker(after, goal, woofer, own->id.channel)).plan;
    }
    const PartId part = copyIn(after, network);
    const auto low = mates(fitout, woofer), high = mates(fitout, tweeter);
    for (size_t side = 0; side < std::min(low.size(), high.size()); ++side) {
        if (const DeviceId there = networkOf(resolve(after, goal), low[side])) {
            Device other = *itemAt(after, &Plan::devices, goal, there);
            other.part = part;
            other.label = network.name;
            putAt(after, &Plan::devices, goal, there, other);
        } else {
            put(after, goal, low[side], high[side], part);
        }
    }
    dropUnused(after);
    Edit edit = difference(EditName::FitNetwork, plan, after);
    edit.detail = network.name;
    return edit;
}

Edit fitMadeNetwork(const Plan& plan, DeviceId woofer, DeviceId tweeter, const TwoWayParts& parts)
{
    Part network = twoWayNetwork(parts, kNetworkToBeMade);
    network.shelfKey = kMade;
    Plan after = apply(plan, fitNetwork(plan, woofer, tweeter, network)).plan;
    const Fitout fitout = resolve(after, after.job.goal);
    const std::string own = ownCapacitorOf(partOf(fitout, tweeter));
    if (!own.empty()) after = apply(after, bypass(after, {tweeter, own})).plan;
    return difference(EditName::FitNetwork, plan, after);
}

Edit removeNetwork(const Plan& plan, DeviceId woofer)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, woofer))
        if (const DeviceId network = networkOf(fitout, one)) {
            for (const DeviceId fed : fedBy(fitout, network)) freeOwnCapacitor(after, goal, fed);
            takeOut(after, goal, one, network);
        }
    dropUnused(after);
    return difference(EditName::FitNetwork, plan, after);
}

}  // namespace core
