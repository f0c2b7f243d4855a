#include "core/edits/supply_edits.h"

#include <fmt/format.h>

#include "core/edits/layers.h"
#include "core/edits/set_figure.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"

namespace core {
namespace {

// The wire from a fuse to this source.
const std::pair<const WireId, Wire>* cableOf(const Fitout& fitout, DeviceId source)
{
    for (const auto& entry : fitout.wires)
        if (entry.second.b == Pin{source, kSupplyTerminal}) return &entry;
    return nullptr;
}

void connect(Plan& after, StageId stage, DeviceId source, PartId fuse)
{
    Part part = partOf(resolve(after, stage), source);
    if (part.terminals.try_emplace(kSupplyTerminal).second)
        after = apply(after, changePart(after, standingAt(after, &Plan::devices, stage, source), source, part)).plan;
    const auto device = drawId<DeviceId>(after);
    after.devices[{stage, device}] = Device{.part = fuse, .label = after.parts.at(fuse).name};
    after.wires[{stage, drawId<WireId>(after)}] = Wire{.a = {device, kFuseOut}, .b = {source, kSupplyTerminal}};
}

// At this stage and, the last first, at those made on it: what one of them changed of it would stay without its wire.
void takeOut(Plan& after, StageId stage, DeviceId source)
{
    const Plan before = after;
    for (auto one = before.stages.rbegin(); one != before.stages.rend(); ++one) {
        if (!standsOn(before, one->first, stage)) continue;
        const Fitout fitout = resolve(before, one->first);
        if (const auto* cable = cableOf(fitout, source)) dropDevice(after, one->first, cable->second.a.device);
    }
}

}  // namespace

Edit setFuse(const Plan& plan, StageId stage, DeviceId source, const Part* fuse)
{
    Plan after = plan;
    const Fitout fitout = resolve(plan, stage);
    const auto* cable = cableOf(fitout, source);
    if (fuse) {
        Part copy = *fuse;
        copy.terminals = {{kFuseIn, ""}, {kFuseOut, ""}};
        const PartId part = copyIn(after, copy);
        if (cable) {
            Device other = fitout.devices.at(cable->second.a.device);
            other.part = part;
            other.label = copy.name;
            putAt(after, &Plan::devices, stage, cable->second.a.device, other);
        } else {
            connect(after, stage, source, part);
        }
    } else {
        takeOut(after, stage, source);
    }
    dropUnused(after);
    Edit edit = difference(EditName::SetFuse, plan, after);
    edit.detail = fuse ? fuse->name : "";
    return edit;
}

Edit noteSupplyCable(const Plan& plan, StageId stage, DeviceId source, Quantity what, const std::optional<Known>& value)
{
    const Fitout fitout = resolve(plan, stage);
    const auto* cable = cableOf(fitout, source);
    return cable ? setFigure(plan, stage, {cable->first, what}, value) : Edit{};
}

Edit planSupply(const Plan& plan, DeviceId source, double fuse_a, std::optional<double> area_m2)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Part fuse{.kind = PartKind::Fuse,
                    .name = fmt::format("fuse {:g} A", fuse_a),
                    .figures = {{Quantity::Fuse_a, Known{fuse_a}}}};
    after = apply(after, setFuse(after, goal, source, &fuse)).plan;
    if (area_m2) after = apply(after, noteSupplyCable(after, goal, source, Quantity::Area_m2, Known{*area_m2})).plan;
    Edit edit = difference(EditName::SetFuse, plan, after);
    edit.detail = fuse.name;
    return edit;
}

std::optional<Edit> usualSupply(const Plan& plan, DeviceId source, const Supply& supply, const Practice& practice)
{
    const auto fuse_a = fuseFor_a(supply, practice);
    if (!fuse_a) return std::nullopt;
    return planSupply(plan, source, *fuse_a, supply.area_m2 ? std::nullopt : cableFor_m2(*fuse_a, practice));
}

}  // namespace core
