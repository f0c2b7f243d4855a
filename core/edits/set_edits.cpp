#include "core/edits/set_edits.h"

#include <algorithm>

#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/coil_wiring.h"
#include "core/evaluate/complete.h"
#include "core/evaluate/wiring_graph.h"

namespace core {
namespace {

bool isTweeter(const Part& part, const Practice& practice)
{
    const std::string coil = firstOf(part, ElementKind::Coil);
    return !coil.empty() &&
           complete(part, coil, practice).at(Quantity::Sd_m2).value < practice[PracticeKey::LargestTweeter_m2];
}

// The tweeter that plays on the woofer's channel, itself leading its side.
DeviceId tweeterBeside(const Fitout& fitout, DeviceId woofer, const Practice& practice)
{
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

// Where the row of seats usually has its tweeter.
std::optional<UsualSpot> tweeterSpot(const Plan& plan, const Place& beside, const UsualVehicles& vehicles,
                                     const Practice& practice)
{
    std::optional<UsualSpot> nearest;
    double least_m = 0.0;
    for (const UsualSpot& spot : usualSpots(plan.body, vehicles)) {
        const double apart_m = std::abs(spot.frame.at_m.x - beside.frame.at_m.x);
        const bool tweeter = practice.driverClass(spot.driverClass).sd_m2 < practice[PracticeKey::LargestTweeter_m2];
        if (!tweeter || (nearest && apart_m >= least_m)) continue;
        nearest = spot;
        least_m = apart_m;
    }
    return nearest;
}

// The driver among the devices that were not there before, leading its side.
DeviceId newDriver(const Fitout& fitout, int before)
{
    for (const auto& [id, device] : fitout.devices)
        if (id.number > before && partOf(fitout, id).kind == PartKind::Driver && !leaderOf(fitout, id)) return id;
    return {};
}

void dropWiresOf(Plan& after, StageId goal, const Fitout& fitout, DeviceId device)
{
    for (const auto& [id, wire] : fitout.wires)
        if ((wire.a.device == device || wire.b.device == device) && wire.a.device != wire.b.device)
            dropAt(after, &Plan::wires, goal, id);
}

// One side: what comes to the woofer from outside comes to the network, and the network goes on to both.
void putNetwork(Plan& after, StageId goal, DeviceId woofer, DeviceId tweeter, PartId part)
{
    dropWiresOf(after, goal, resolve(after, goal), tweeter);
    const Fitout fitout = resolve(after, goal);
    const auto low = feedEnds(fitout, woofer), high = feedEnds(fitout, tweeter);
    if (!low || !high) return;
    const auto network = drawId<DeviceId>(after);
    after.devices[{goal, network}] =
        Device{.part = part, .at = fitout.devices.at(woofer).at, .label = after.parts.at(part).name};
    for (const auto& [terminal, in] : {std::pair{low->plus, "in+"}, std::pair{low->minus, "in-"}}) {
        const Pin tab{woofer, terminal};
        for (const auto& [id, wire] : fitout.wires) {
            if ((wire.a != tab && wire.b != tab) || wire.a.device == wire.b.device) continue;
            Wire moved = wire;
            (wire.a == tab ? moved.a : moved.b) = Pin{network, in};
            putAt(after, &Plan::wires, goal, id, moved);
        }
    }
    const auto join = [&](const char* from, const Pin& to) {
        after.wires[{goal, drawId<WireId>(after)}] = Wire{.a = {network, from}, .b = to};
    };
    join("w+", {woofer, low->plus});
    join("w-", {woofer, low->minus});
    join("t+", {tweeter, high->plus});
    join("t-", {tweeter, high->minus});
}

}  // namespace

std::optional<ComponentSet> contentsOf(const Shelf& shelf, const Part& set, const Practice& practice)
{
    ComponentSet found;
    for (const std::string& key : set.contents) {
        const Part* part = shelf.find(key);
        if (!part) return std::nullopt;
        if (part->kind == PartKind::Network) found.network = part;
        if (part->kind == PartKind::Driver) (isTweeter(*part, practice) ? found.tweeter : found.woofer) = part;
    }
    return found.woofer && found.tweeter ? std::optional(found) : std::nullopt;
}

const Part* setWith(const Shelf& shelf, const std::string& driverKey)
{
    for (const Part* set : shelf.of(PartKind::ArticleSet))
        if (std::find(set->contents.begin(), set->contents.end(), driverKey) != set->contents.end()) return set;
    return nullptr;
}

Edit fitSet(const Plan& plan, DeviceId woofer, const ComponentSet& set, const UsualVehicles& vehicles,
            const Practice& practice)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const auto take = [&](const Edit& edit) { after = apply(std::move(after), edit).plan; };
    take(fitPart(after, woofer, *set.woofer));
    Fitout fitout = resolve(after, goal);
    DeviceId tweeter = tweeterBeside(fitout, woofer, practice);
    if (!tweeter) {
        const auto spot = tweeterSpot(after, fitout.places.at(fitout.devices.at(woofer).at), vehicles, practice);
        const int before = after.lastId;
        if (spot) take(addSpeakers(after, goal, *spot, practice));
        tweeter = newDriver(resolve(after, goal), before);
    }
    if (tweeter) take(fitPart(after, tweeter, *set.tweeter));
    if (tweeter && set.network) {
        fitout = resolve(after, goal);
        const PartId part = copyIn(after, *set.network);
        const auto low = withFollowers(fitout, woofer), high = withFollowers(fitout, tweeter);
        for (size_t side = 0; side < std::min(low.size(), high.size()); ++side)
            putNetwork(after, goal, low[side], high[side], part);
    }
    dropUnused(after);
    Edit edit = difference(EditName::FitDriver, plan, after);
    edit.detail = set.woofer->name;
    return edit;
}

}  // namespace core
