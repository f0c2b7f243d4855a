#include "core/edits/element_edits.h"

#include <algorithm>

#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/edits/network_edits.h"
#include "core/edits/parts.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"

namespace core {
namespace {

bool sitsOnItsSpeaker(const Fitout& fitout, const Port& element)
{
    return partOf(fitout, element.device).kind == PartKind::Driver;
}

void putIn(Plan& after, StageId goal, DeviceId device, const Part& part)
{
    Device changed = *itemAt(after, &Plan::devices, goal, device);
    changed.part = copyIn(after, part);
    putAt(after, &Plan::devices, goal, device, changed);
}

// Another element in the same place, both sides. What the old one bore says nothing of it.
template <class Change>
Edit withElement(const Plan& plan, EditName name, const Port& port, Change change)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, port.device)) {
        Part part = partOf(fitout, one);
        const auto element = part.inside.find(port.element);
        if (element == part.inside.end()) continue;
        change(part, element->second);
        if (part.kind == PartKind::Lead || part.kind == PartKind::Plug) part.name = "adapter lead with capacitor";
        if (part.kind == PartKind::Network && !isMade(part)) part.name = kNetworkToBeMade;
        part.shelfKey = kMade;
        putIn(after, goal, one, part);
    }
    dropUnused(after);
    return difference(name, plan, after);
}

void forget(Part& part, Element& element, Quantity what)
{
    part.figures.erase(what);
    element.figures.erase(what);
}

// A capacitor that sits on its speaker stays there with a link across it, and the other one goes into the lead: nobody
// buys another speaker for it.
Edit inTheLead(const Plan& plan, const Port& capacitor, double capacitance_f, std::optional<double> voltage_v)
{
    const Plan bridged = apply(plan, bypass(plan, capacitor)).plan;
    Plan after = apply(bridged, addCapacitor(bridged, capacitor.device, capacitance_f)).plan;
    const StageId goal = after.job.goal;
    const Fitout before = resolve(bridged, goal), fitout = resolve(after, goal);
    for (const auto& [id, device] : fitout.devices) {
        if (before.devices.contains(id) || !voltage_v) continue;
        Part part = fitout.parts.at(device.part);
        part.figures[Quantity::RatedVoltage_v] = Known{*voltage_v};
        putIn(after, goal, id, part);
    }
    dropUnused(after);
    return difference(EditName::ReplaceCapacitor, plan, after);
}

// Whether it lies from a point of the way to the minus, of a network with its terminals.
bool liesAcross(const Part& part, const Element& element)
{
    const auto isMinus = [&](const std::string& node) { return part.terminals.contains(node) && node.ends_with('-'); };
    return isMinus(element.a) || isMinus(element.b);
}

}  // namespace

Edit setPartValue(const Plan& plan, const Port& port, double value)
{
    const Fitout fitout = resolve(plan, plan.job.goal);
    if (sitsOnItsSpeaker(fitout, port)) return inTheLead(plan, port, value, {});
    const ElementKind kind = partOf(fitout, port.device).inside.at(port.element).kind;
    const auto what = boughtBy(kind);
    if (!what) return {};
    const EditName name = kind == ElementKind::Capacitor ? EditName::ReplaceCapacitor : EditName::ChangeValue;
    return withElement(plan, name, port, [&](Part& part, Element& element) {
        for (const Quantity old : {*what, Quantity::RatedVoltage_v, Quantity::SeriesResistance_ohm})
            forget(part, element, old);
        element.figures[*what] = Known{value};
    });
}

Edit oneCapacitor(const Plan& plan, DeviceId driver, double capacitance_f)
{
    std::vector<Port> there;
    const Fitout fitout = resolve(plan, plan.job.goal);
    for (const Run& run : runs(fitout))
        if (run.id.coil.device == driver) there = run.seriesCapacitors;
    // What lies in the lead takes the value; what sits on the speaker would only be bridged for one that does.
    std::stable_sort(there.begin(), there.end(), [&](const Port& a, const Port& b) {
        return !sitsOnItsSpeaker(fitout, a) && sitsOnItsSpeaker(fitout, b);
    });
    Plan after = plan;
    for (size_t i = 1; i < there.size(); ++i) after = apply(after, takePartOut(after, there[i])).plan;
    after = apply(after, there.empty() ? addCapacitor(after, driver, capacitance_f)
                                       : setPartValue(after, there.front(), capacitance_f))
                .plan;
    return difference(EditName::ReplaceCapacitor, plan, after);
}

Edit rateCapacitor(const Plan& plan, const Port& capacitor, double voltage_v)
{
    const Fitout fitout = resolve(plan, plan.job.goal);
    const auto value_f =
        valueOf(figuresOf(partOf(fitout, capacitor.device), capacitor.element), Quantity::Capacitance_f);
    if (value_f && sitsOnItsSpeaker(fitout, capacitor)) return inTheLead(plan, capacitor, *value_f, voltage_v);
    return withElement(plan, EditName::ReplaceCapacitor, capacitor, [&](Part& part, Element& element) {
        forget(part, element, Quantity::RatedVoltage_v);
        element.figures[Quantity::RatedVoltage_v] = Known{voltage_v};
    });
}

Edit bypass(const Plan& plan, const Port& element)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : mates(fitout, element.device)) {
        const auto& inside = partOf(fitout, one).inside;
        const auto found = inside.find(element.element);
        if (found == inside.end() || isBridged(fitout, {one, element.element})) continue;
        after.wires[{goal, drawId<WireId>(after)}] = Wire{{one, found->second.a}, {one, found->second.b}};
    }
    return difference(EditName::BypassCapacitor, plan, after);
}

Edit takePartOut(const Plan& plan, const Port& port)
{
    const Fitout fitout = resolve(plan, plan.job.goal);
    const Part& part = partOf(fitout, port.device);
    if (part.kind != PartKind::Network) return bypass(plan, port);
    if (isMade(part) && (part.inside.size() == 1 || isBranchAcross(part))) return takeOutOfLead(plan, port.device);
    const auto bought = std::count_if(part.inside.begin(), part.inside.end(),
                                      [](const auto& one) { return boughtBy(one.second.kind).has_value(); });
    if (bought == 1 && !legsOf(part).empty()) return takeBoardOut(plan, port.device);  // nothing would be left on it
    return withElement(plan, EditName::TakePartOut, port, [&](Part& board, Element& element) {
        if (liesAcross(board, element)) {
            board.inside.erase(port.element);
        } else {
            element.kind = ElementKind::Link;
            element.figures.clear();
        }
    });
}

}  // namespace core
