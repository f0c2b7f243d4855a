#include "core/edits/source_edits.h"

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/supply_edits.h"
#include "core/edits/survey_edits.h"

namespace core {

Edit addSource(const Plan& plan, StageId stage, PartKind kind, const std::vector<std::string>& channels, PlaceId at)
{
    Plan after = plan;
    const auto part = drawId<PartId>(after);
    after.parts[part] = {.kind = kind, .name = kind == PartKind::Radio ? "radio" : "amplifier"};
    addChannels(after.parts[part], channels);
    const auto device = drawId<DeviceId>(after);
    after.devices[{stage, device}] = Device{.part = part, .at = at, .label = after.parts[part].name};
    return difference(EditName::AddSource, plan, after);
}

Edit addSource(const Plan& plan, StageId stage, const Part& part, PlaceId at)
{
    Plan after = plan;
    const PartId id = copyIn(after, part);
    after.devices[{stage, drawId<DeviceId>(after)}] = Device{.part = id, .at = at, .label = part.name};
    Edit edit = difference(EditName::AddSource, plan, after);
    edit.detail = part.name;
    return edit;
}

Edit removeSource(const Plan& plan, StageId stage, DeviceId device)
{
    const StageId standing = standingAt(plan, &Plan::devices, stage, device);
    Plan after = apply(plan, setFuse(plan, standing, device, nullptr)).plan;
    dropDevice(after, standing, device);
    return difference(EditName::ChangeSource, plan, after);
}

Edit notePins(const Plan& plan, StageId stage, DeviceId device, const std::vector<PinRow>& rows)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, device);
    const Fitout fitout = resolve(plan, standing);
    Part part = fitout.parts.at(fitout.devices.at(device).part);
    for (const PinRow& row : rows) {
        const auto terminal = part.terminals.find(row.terminal);
        if (terminal == part.terminals.end()) continue;
        terminal->second = row.plug;
        const PinNote note{row.number, row.known};
        if (note == PinNote{{}, {Origin::ClassGuess}})
            part.pins.erase(row.terminal);
        else
            part.pins[row.terminal] = note;
        for (const WireId wire : wiresAt(fitout, {device, row.terminal}))
            if (fitout.wires.at(wire).colour != row.colour && !row.colour.empty())
                after = apply(after, colourWire(after, standing, wire, row.colour)).plan;
    }
    after = apply(after, changePart(after, standing, device, part)).plan;
    return difference(EditName::ChangeSource, plan, after);
}

Edit putSource(const Plan& plan, StageId stage, DeviceId device, PlaceId at)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, device);
    Device moved = *itemAt(plan, &Plan::devices, standing, device);
    moved.at = at;
    putAt(after, &Plan::devices, standing, device, moved);
    return difference(EditName::ChangeSource, plan, after);
}

}  // namespace core
