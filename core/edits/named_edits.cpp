#include "core/edits/named_edits.h"

#include <algorithm>
#include <cassert>

#include "core/edits/coil_edits.h"
#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/fitout/sides.h"
#include "core/fitout/wiring_graph.h"

namespace core {
namespace {

void play(Plan& plan, StageId stage, DeviceId id, PartId part)
{
    Device device = *itemAt(plan, &Plan::devices, stage, id);
    device.part = part;
    device.basis = {};
    const auto below = itemAt(plan, &Plan::devices, plan.stages.at(stage).on, id);
    if (below && below->part == part) device = *below;
    putAt(plan, &Plan::devices, stage, id, device);
}

// The wiring follows the number of coils: what fed several goes to the one there is, several are joined as this source
// wants them.
void suitCoils(Plan& after, StageId goal, DeviceId device, const Part& before)
{
    const Fitout fitout = resolve(after, goal);
    const Part& now = fitout.parts.at(fitout.devices.at(device).part);
    const auto cone = [](const Part& part) {
        const std::string coil = firstOf(part, ElementKind::Coil);
        return coil.empty() ? std::vector<std::string>() : coilsOfCone(part, coil);
    };
    if (cone(now).size() < 2 || cone(now) == cone(before)) return;
    std::optional<double> least_ohm;
    for (const Run& run : runs(fitout))
        if (run.id.coil.device == device) {
            const Part& source = fitout.parts.at(fitout.devices.at(run.id.channel.device).part);
            least_ohm = valueOf(figuresOf(source, run.id.channel.element), Quantity::LeastLoad_ohm);
            break;
        }
    const Figures old = figuresOf(before, firstOf(before, ElementKind::Coil));
    auto before_ohm = valueOf(old, Quantity::Nominal_ohm);
    if (!before_ohm) before_ohm = valueOf(old, Quantity::Re_ohm);
    joinCoils(after, goal, device, usualJoin(now, least_ohm, before_ohm));
}

Edit named(Edit edit, std::string detail)
{
    edit.detail = std::move(detail);
    return edit;
}

}  // namespace

Edit fitPart(const Plan& plan, DeviceId device, const Part& part)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const PartId id = copyIn(after, part);
    const Fitout before = resolve(after, goal);
    for (const DeviceId one : withFollowers(before, device)) {
        const Part& old = before.parts.at(before.devices.at(one).part);
        if (allOf(old, ElementKind::Coil) != allOf(part, ElementKind::Coil)) joinCoils(after, goal, one, CoilJoin::One);
        play(after, goal, one, id);
        suitCoils(after, goal, one, old);
    }
    dropUnused(after);
    return named(difference(EditName::FitDriver, plan, after), part.name);
}

namespace {

template <class Change>
Edit withChannel(const Plan& plan, EditName name, const Port& channel, Change change)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const auto& inside = after.parts.at(itemAt(after, &Plan::devices, goal, channel.device)->part).inside;
    for (const std::string& element : {channel.element, inside.at(channel.element).twin}) {
        if (element.empty()) continue;
        const Port port{channel.device, element};
        Setting setting = itemAt(after, &Plan::settings, goal, port).value_or(Setting{});
        change(setting);
        if (setting == Setting{})
            dropAt(after, &Plan::settings, goal, port);
        else
            putAt(after, &Plan::settings, goal, port, setting);
    }
    return difference(name, plan, after);
}

}  // namespace

Edit setHighPass(const Plan& plan, const Port& channel, const Filter& filter)
{
    return withChannel(plan, EditName::SetHighPass, channel, [&](Setting& setting) { setting.highPass = filter; });
}

Edit dropHighPass(const Plan& plan, const Port& channel)
{
    return withChannel(plan, EditName::SetHighPass, channel, [](Setting& setting) { setting.highPass.reset(); });
}

Edit setChannel(const Plan& plan, const Port& channel, const Setting& wanted)
{
    return withChannel(plan, EditName::SetChannel, channel, [&](Setting& setting) { setting = wanted; });
}

Edit setChannels(const Plan& plan, const std::map<Port, Setting>& settings)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const auto& [port, setting] : settings) after.settings[{goal, port}] = setting;
    return settings.empty() ? Edit{EditName::Align} : difference(EditName::Align, plan, after);
}

Edit readResistance(const Plan& plan, StageId stage, const Port& coil, double reading_ohm, double leads_ohm)
{
    assert(reading_ohm > leads_ohm && leads_ohm >= 0.0);
    Plan after = plan;
    const auto id = drawId<ReadingId>(after);
    after.readings[id] = {.of = {coil, Quantity::Re_ohm},
                          .stage = stage,
                          .by = Instrument::Ohmmeter,
                          .value = reading_ohm,
                          .leads_ohm = leads_ohm};
    Part& part = after.parts.at(itemAt(after, &Plan::devices, stage, coil.device)->part);
    part.inside.at(coil.element).figures[Quantity::Re_ohm] =
        Known{reading_ohm - leads_ohm, Basis{Origin::Measured, false, id}};
    return difference(EditName::TakeReading, plan, after);
}

Edit readChannel(const Plan& plan, StageId stage, const Port& channel, std::optional<double> reading_ohm,
                 double leads_ohm)
{
    Plan after = plan;
    const Address of{channel, Quantity::SeenOhm_ohm};
    std::erase_if(after.readings,
                  [&](const auto& entry) { return entry.second.of == of && entry.second.stage == stage; });
    if (reading_ohm)
        after.readings[drawId<ReadingId>(after)] = {
            .of = of, .stage = stage, .by = Instrument::Ohmmeter, .value = *reading_ohm, .leads_ohm = leads_ohm};
    return difference(EditName::TakeReading, plan, after);
}

}  // namespace core
