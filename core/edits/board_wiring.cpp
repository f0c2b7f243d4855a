// What feeds a board, which way round, and where it sits: the other half of network_edits.h.
#include <algorithm>

#include "core/edits/layers.h"
#include "core/edits/network_edits.h"
#include "core/edits/parts.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/survey/lead_back.h"

namespace core {

Edit feedBoardFrom(const Plan& plan, DeviceId speaker, const Port& channel)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    const auto& outputs = partOf(fitout, channel.device).inside;
    const auto move = [&](DeviceId board, const Element& to) {
        for (const char* pole : {"in+", "in-"}) {
            const LeadBack back = leadBack(fitout, {board, pole});
            if (back.wires.empty() || back.from.device != channel.device) continue;
            Wire wire = fitout.wires.at(back.wires.back());
            Pin& end = wire.a == back.from ? wire.a : wire.b;
            const bool plus = std::any_of(outputs.begin(), outputs.end(),
                                          [&](const auto& one) { return one.second.a == back.from.terminal; });
            end.terminal = plus ? to.a : to.b;
            putAt(after, &Plan::wires, goal, back.wires.back(), wire);
        }
    };
    const Element& own = outputs.at(channel.element);
    for (const DeviceId one : mates(fitout, speaker)) {
        const DeviceId board = networkOf(fitout, one);
        const auto twin = outputs.find(own.twin);
        if (!board) continue;
        if (one == speaker || board == networkOf(fitout, speaker))
            move(board, own);
        else if (twin != outputs.end())
            move(board, twin->second);
    }
    return difference(EditName::ConnectSpeaker, plan, after);
}

std::optional<Leg> legFedBySource(const Fitout& fitout, DeviceId board)
{
    for (const Leg leg : legsOf(partOf(fitout, board))) {
        // The minus screws of a board are one point: a return that is shared there does no harm.
        const LeadBack back = leadBack(fitout, {board, terminalOf(leg, '+')});
        if (!back.wires.empty() && isSource(partOf(fitout, back.from.device))) return leg;
    }
    return std::nullopt;
}

Edit turnBoardRound(const Plan& plan, DeviceId board)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    const auto other = [](const Pin& pin, Leg leg) -> std::optional<Pin> {
        for (const char pole : {'+', '-'}) {
            const std::string in = std::string("in") + pole, out = terminalOf(leg, pole);
            if (pin.terminal == in) return Pin{pin.device, out};
            if (pin.terminal == out) return Pin{pin.device, in};
        }
        return std::nullopt;
    };
    for (const DeviceId one : mates(fitout, board)) {
        const auto leg = legFedBySource(fitout, one);
        if (!leg) continue;
        const bool linked = std::any_of(fitout.wires.begin(), fitout.wires.end(), [&](const auto& wire) {
            return wire.second.a.device == one && wire.second.b.device == one;
        });
        for (const auto& [id, wire] : fitout.wires) {
            if (wire.a.device == one && wire.b.device == one) {
                dropAt(after, &Plan::wires, goal, id);
                continue;
            }
            if (linked) continue;  // without its link it is wired as it should be
            Wire turned = wire;
            for (Pin* end : {&turned.a, &turned.b})
                if (const auto to = end->device == one ? other(*end, *leg) : std::nullopt) *end = *to;
            if (turned != wire) putAt(after, &Plan::wires, goal, id, turned);
        }
    }
    return difference(EditName::ConnectSpeaker, plan, after);
}

Edit siteNetwork(const Plan& plan, DeviceId board, PlaceKind site)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, board)) {
        if (partOf(fitout, one).kind != PartKind::Network) continue;
        Device device = fitout.devices.at(one);
        device.site = site;
        putAt(after, &Plan::devices, goal, one, device);
    }
    return difference(EditName::SiteNetwork, plan, after);
}

}  // namespace core
