#include "core/edits/network_edits.h"

#include <algorithm>
#include <limits>
#include <map>
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
                if (between.kind == PartKind::Network && legsOf(between).size() < 2 &&
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

void put(Plan& after, StageId goal, const BoardSpeakers& speakers, PartId part)
{
    const DeviceId first = speakers.begin()->second;
    for (const auto& [leg, speaker] : speakers)
        if (speaker != first) takeLeadOff(after, goal, speaker);
    const Fitout fitout = resolve(after, goal);
    std::map<Leg, Arrivals> arrivals;
    for (const auto& [leg, speaker] : speakers) {
        const auto at = arrivalsAt(fitout, speaker);
        if (!at) return;
        arrivals[leg] = *at;
    }
    const auto board = drawId<DeviceId>(after);
    after.devices[{goal, board}] =
        Device{.part = part, .at = fitout.devices.at(first).at, .label = after.parts.at(part).name};
    const Arrivals& way = arrivals.begin()->second;
    movePin(after, goal, way.plus, {board, "in+"});
    movePin(after, goal, way.minus, {board, "in-"});
    for (const auto& [leg, at] : arrivals) {
        after.wires[{goal, drawId<WireId>(after)}] = Wire{.a = {board, terminalOf(leg, '+')}, .b = at.plus};
        after.wires[{goal, drawId<WireId>(after)}] = Wire{.a = {board, terminalOf(leg, '-')}, .b = at.minus};
    }
}

// Where a speaker's lead leaves a board, through whatever lies between the two.
struct Outlet {
    WireId wire{};
    Pin board{}, on{};  // the board's pin, and the one that the wire goes on to
};

bool isOutlet(const Part& part, const std::string& terminal)
{
    const std::vector<Leg> legs = legsOf(part);
    return std::any_of(legs.begin(), legs.end(), [&](Leg leg) {
        return terminal == terminalOf(leg, '+') || terminal == terminalOf(leg, '-');
    });
}

// Nearest the speaker first.
std::vector<Outlet> outletsTo(const Fitout& fitout, const Pin& tab)
{
    std::vector<Outlet> outlets;
    for (const WireId id : leadBack(fitout, tab).wires) {
        const Wire& wire = fitout.wires.at(id);
        for (const auto& [near, far] : {std::pair{wire.a, wire.b}, {wire.b, wire.a}})
            if (isOutlet(partOf(fitout, far.device), far.terminal)) outlets.push_back({id, far, near});
    }
    return outlets;
}

// The nearest board on the way to a speaker that has as many legs as asked.
template <class HasLegs>
DeviceId boardBefore(const Fitout& fitout, DeviceId speaker, HasLegs hasLegs)
{
    const auto ends = feedEnds(fitout, speaker);
    if (!ends) return {};
    for (const Outlet& outlet : outletsTo(fitout, {speaker, ends->plus}))
        if (hasLegs(legsOf(partOf(fitout, outlet.board.device)).size())) return outlet.board.device;
    return {};
}

// What arrived at it arrives where the lead of its first leg began, and what it fed goes on from there.
void takeOut(Plan& after, StageId goal, DeviceId first, DeviceId board)
{
    const Fitout fitout = resolve(after, goal);
    const auto ends = feedEnds(fitout, first);
    for (const std::string& terminal : {ends->plus, ends->minus})
        for (const Outlet& outlet : outletsTo(fitout, {first, terminal})) {
            if (outlet.board.device != board) continue;
            const std::string pole = outlet.board.terminal.substr(1);  // turned over, the other one
            dropAt(after, &Plan::wires, goal, outlet.wire);
            movePin(after, goal, {board, "in" + pole}, outlet.on);
            for (const Leg leg : kLegs) movePin(after, goal, {board, terminalOf(leg, pole.front())}, outlet.on);
        }
    dropDevice(after, goal, board);
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

// The speaker on each of its legs that one hangs on.
BoardSpeakers speakersOn(const Fitout& fitout, DeviceId board)
{
    BoardSpeakers speakers;
    for (const DeviceId speaker : fedBy(fitout, board))
        if (const auto leg = legTo(fitout, board, speaker)) speakers.try_emplace(*leg, speaker);
    return speakers;
}

void takeBoardOff(Plan& after, StageId goal, DeviceId board)
{
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId fed : fedBy(fitout, board)) freeOwnCapacitor(after, goal, fed);
    const BoardSpeakers speakers = speakersOn(fitout, board);
    if (speakers.empty())
        dropDevice(after, goal, board);
    else
        takeOut(after, goal, speakers.begin()->second, board);
}

// The board for just these, if there is one; every other one that one of them hangs behind goes. A filter of one leg
// stays only where one speaker alone is asked for: it would come to lie before all of them.
DeviceId clearFor(Plan& after, StageId goal, const BoardSpeakers& speakers)
{
    DeviceId exact{};
    for (const auto& [leg, speaker] : speakers)
        for (const bool several : {false, true}) {
            if (speakers.size() == 1 && several) continue;
            const Fitout fitout = resolve(after, goal);
            const DeviceId board = several ? networkOf(fitout, speaker) : inlineFilterOf(fitout, speaker);
            if (!board) continue;
            if (speakersOn(fitout, board) == speakers)
                exact = board;
            else
                takeBoardOff(after, goal, board);
        }
    return exact;
}

// The lowest one's feed must not hang on the lead of one of the others: that goes.
void feedByItself(Plan& after, StageId goal, const BoardSpeakers& speakers)
{
    const DeviceId first = speakers.begin()->second;
    const Fitout fitout = resolve(after, goal);
    const auto ends = feedEnds(fitout, first);
    if (!ends) return;
    const DeviceId from = leadBack(fitout, {first, ends->plus}).from.device;
    const bool ofOther = std::any_of(speakers.begin(), speakers.end(), [&](const auto& one) {
        return one.second == from && one.second != first;
    });
    if (!ofOther) return;
    for (const Run& run : runs(fitout))
        if (run.id.coil.device == from) {
            after = apply(after, connectSpeaker(after, goal, first, run.id.channel)).plan;
            return;
        }
}

}  // namespace

std::optional<Leg> legTo(const Fitout& fitout, DeviceId board, DeviceId speaker)
{
    const auto ends = feedEnds(fitout, speaker);
    if (!ends) return std::nullopt;
    for (const Outlet& outlet : outletsTo(fitout, {speaker, ends->plus}))
        for (const Leg leg : kLegs)
            if (outlet.board.device == board && outlet.board.terminal.front() == terminalOf(leg, '+').front())
                return leg;
    return std::nullopt;
}

DeviceId networkOf(const Fitout& fitout, DeviceId speaker)
{
    return boardBefore(fitout, speaker, [](size_t legs) { return legs > 1; });
}

DeviceId inlineFilterOf(const Fitout& fitout, DeviceId speaker)
{
    return boardBefore(fitout, speaker, [](size_t legs) { return legs == 1; });
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

Edit fitNetwork(const Plan& plan, const BoardSpeakers& speakers, const Part& board)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    feedByItself(after, goal, speakers);
    const PartId part = copyIn(after, board);
    std::map<Leg, std::vector<DeviceId>> all;
    size_t sides = std::numeric_limits<size_t>::max();
    for (const auto& [leg, speaker] : speakers) {
        all[leg] = mates(resolve(after, goal), speaker);
        sides = std::min(sides, all[leg].size());
    }
    for (size_t side = 0; side < sides; ++side) {
        BoardSpeakers own;
        for (const auto& [leg, both] : all) own[leg] = both[side];
        if (const DeviceId there = clearFor(after, goal, own)) {
            Device other = *itemAt(after, &Plan::devices, goal, there);
            other.part = part;
            other.label = board.name;
            putAt(after, &Plan::devices, goal, there, other);
        } else {
            put(after, goal, own, part);
        }
    }
    dropUnused(after);
    Edit edit = difference(EditName::FitNetwork, plan, after);
    edit.detail = board.name;
    return edit;
}

Edit fitMadeNetwork(const Plan& plan, const BoardSpeakers& speakers, const BoardParts& parts)
{
    Part board = boardOf(parts, speakers.size() > 1 ? kNetworkToBeMade : kFilterToBeMade);
    board.shelfKey = kMade;
    const Fitout planned = resolve(plan, plan.job.goal);
    for (const auto& [leg, speaker] : speakers)
        if (const auto load_ohm = soldFor_ohm(planned, speaker)) sayMadeFor(board, leg, *load_ohm);
    Plan after = apply(plan, fitNetwork(plan, speakers, board)).plan;
    const Fitout before = resolve(plan, plan.job.goal);
    const StageId goal = after.job.goal;
    for (const auto& [leg, speaker] : speakers) {
        const std::string own = ownCapacitorOf(partOf(resolve(after, goal), speaker));
        if (own.empty()) continue;
        if (findPart(parts, leg, ElementKind::Capacitor, true))
            after = apply(after, bypass(after, {speaker, own})).plan;
        else if (networkOf(before, speaker) || inlineFilterOf(before, speaker))  // it was bridged for that
            for (const DeviceId one : mates(resolve(after, goal), speaker)) freeOwnCapacitor(after, goal, one);
    }
    return difference(EditName::FitNetwork, plan, after);
}

Edit takeBoardOut(const Plan& plan, DeviceId board)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId one : mates(resolve(after, goal), board)) takeBoardOff(after, goal, one);
    dropUnused(after);
    return difference(EditName::FitNetwork, plan, after);
}

Edit removeNetwork(const Plan& plan, DeviceId speaker)
{
    const DeviceId board = networkOf(resolve(plan, plan.job.goal), speaker);
    return board ? takeBoardOut(plan, board) : Edit{.name = EditName::FitNetwork};
}

}  // namespace core
