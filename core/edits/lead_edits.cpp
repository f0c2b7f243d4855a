#include "core/edits/lead_edits.h"

#include <algorithm>
#include <array>

#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/parts.h"
#include "core/fitout/coil_wiring.h"
#include "core/survey/lead_back.h"

namespace core {
namespace {

// The adapter lead whose speaker side plugs straight into this driver; one that hangs on the driver's own terminals, on
// the way to another driver, is not it.
DeviceId leadAt(const Fitout& fitout, DeviceId driver)
{
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return {};
    const std::array arrives{feedPin(fitout, {driver, ends->plus}), feedPin(fitout, {driver, ends->minus})};
    for (const auto& [id, wire] : fitout.wires)
        for (const auto& [near, far] : {std::pair{wire.a, wire.b}, std::pair{wire.b, wire.a}}) {
            if (std::find(arrives.begin(), arrives.end(), near) == arrives.end() || !far.terminal.starts_with("s"))
                continue;
            const auto other = fitout.devices.find(far.device);
            if (other != fitout.devices.end() && fitout.parts.at(other->second.part).kind == PartKind::Lead)
                return far.device;
        }
    return {};
}

// What arrived at the driver's terminals arrives at the lead's now, and the lead goes on to them.
void insertLead(Plan& after, StageId goal, DeviceId driver, PartId leadPart)
{
    const Fitout fitout = resolve(after, goal);
    if (const DeviceId there = leadAt(fitout, driver)) {
        Device lead = fitout.devices.at(there);
        lead.part = leadPart;
        putAt(after, &Plan::devices, goal, there, lead);
        return;
    }
    const Device& own = fitout.devices.at(driver);
    const auto leads = feedEnds(fitout, driver);
    if (!leads) return;
    const auto lead = drawId<DeviceId>(after);
    after.devices[{goal, lead}] = Device{.part = leadPart, .at = own.at, .label = after.parts.at(leadPart).name};
    const auto pass = [&](const std::string& terminal, const Pin& in, const Pin& out) {
        const Pin tab = feedPin(fitout, {driver, terminal});
        for (const auto& [id, wire] : fitout.wires) {
            if ((wire.a != tab && wire.b != tab) || wire.a.device == wire.b.device) continue;
            Wire moved = wire;
            Pin& end = wire.a == tab ? moved.a : moved.b;
            end = in;
            putAt(after, &Plan::wires, goal, id, moved);
        }
        after.wires[{goal, drawId<WireId>(after)}] = Wire{.a = out, .b = tab};
    };
    pass(leads->plus, {lead, "h+"}, {lead, "s+"});
    pass(leads->minus, {lead, "h-"}, {lead, "s-"});
}

// A lead that the plan itself brought goes, and what arrived at it arrives at the driver again.
void removeLead(Plan& after, StageId goal, DeviceId driver)
{
    const Fitout fitout = resolve(after, goal);
    const DeviceId lead = leadAt(fitout, driver);
    if (!lead || itemAt(after, &Plan::devices, after.stages.at(goal).on, lead)) return;
    const auto leads = feedEnds(fitout, driver);
    if (!leads) return;
    for (const auto& [id, wire] : fitout.wires) {
        Wire back = wire;
        for (Pin* end : {&back.a, &back.b}) {
            if (*end == Pin{lead, "h+"}) *end = feedPin(fitout, {driver, leads->plus});
            if (*end == Pin{lead, "h-"}) *end = feedPin(fitout, {driver, leads->minus});
        }
        if (!(back == wire)) putAt(after, &Plan::wires, goal, id, back);
    }
    dropDevice(after, goal, lead);
}

}  // namespace

Edit fitPluggedIn(const Plan& plan, DeviceId device, const Part& part, const Part* lead)
{
    const Edit fitted = fitPart(plan, device, part);
    Plan after = apply(plan, fitted).plan;
    const StageId goal = plannedGoal(after);
    const PartId leadPart = lead ? copyIn(after, *lead) : PartId{};
    for (const DeviceId one : withFollowers(resolve(after, goal), device))
        if (lead)
            insertLead(after, goal, one, leadPart);
        else
            removeLead(after, goal, one);
    dropUnused(after);
    Edit edit = difference(EditName::FitDriver, plan, after);
    edit.detail = fitted.detail;
    return edit;
}

Edit noteCable(const Plan& plan, StageId stage, DeviceId driver, Quantity what, const std::optional<Known>& value)
{
    Plan after = plan;
    const Fitout fitout = resolve(plan, stage);
    for (const DeviceId one : mates(fitout, driver)) {
        const auto ends = feedEnds(fitout, one);
        if (!ends) continue;
        for (const std::string& terminal : {ends->plus, ends->minus}) {
            const LeadBack lead = leadBack(fitout, {one, terminal});
            if (lead.wires.empty()) continue;
            const WireId id = lead.wires.back();  // the one that leaves what feeds it
            Wire wire = fitout.wires.at(id);
            put(wire.figures, what, value);
            putAt(after, &Plan::wires, standingAt(plan, &Plan::wires, stage, id), id, wire);
        }
    }
    return difference(EditName::WireLength, plan, after);
}

}  // namespace core
