#include "core/edits/vehicle_sheet.h"

#include <set>
#include <utility>

namespace core {
namespace {

// Every statement of how something is known.
template <class F>
void eachBasis(Plan& plan, F f)
{
    const auto figures = [&](Figures& all) {
        for (auto& [quantity, known] : all) f(known.basis);
    };
    figures(plan.body.cabin);
    figures(plan.body.feeds);
    for (auto& [id, place] : plan.places) figures(place.room);
    for (auto& [id, surface] : plan.surfaces) f(surface.basis);
    for (auto& [id, part] : plan.parts) {
        figures(part.figures);
        for (auto& [terminal, pin] : part.pins) f(pin.basis);
        for (auto& [name, element] : part.inside) figures(element.figures);
    }
    for (auto& [key, device] : plan.devices)
        if (device) f(device->basis);
    for (auto& [key, wire] : plan.wires) {
        if (!wire) continue;
        f(wire->basis);
        figures(wire->figures);
    }
    for (auto& [key, alteration] : plan.alterations)
        if (alteration) figures(alteration->figures);
}

// What the factory decided, and nothing that was taken out there: below it there is nothing to take from.
template <class Key, class Item>
Layered<Key, Item> ofFactory(const Layered<Key, Item>& table)
{
    Layered<Key, Item> kept;
    for (const auto& [key, item] : table)
        if (key.stage == kFactory && item) kept.emplace(key, item);
    return kept;
}

// What only hangs together by a later stage does not without it.
void dropLoose(Plan& sheet)
{
    const auto isThere = [&](DeviceId id) { return sheet.devices.contains({kFactory, id}); };
    const auto isEnd = [&](const Pin& pin) {
        const auto device = sheet.devices.find({kFactory, pin.device});
        return device != sheet.devices.end() && hasNode(sheet.parts.at(device->second->part), pin.terminal);
    };
    std::erase_if(sheet.wires, [&](const auto& entry) { return !isEnd(entry.second->a) || !isEnd(entry.second->b); });
    std::erase_if(sheet.settings, [&](const auto& entry) { return !isThere(entry.first.key.device); });
    std::erase_if(sheet.mounts, [&](const auto& entry) { return !isThere(entry.first.key); });
    for (auto& [key, mount] : sheet.mounts)
        if (mount->behind && !isThere(mount->behind)) mount->behind = {};
}

}  // namespace

Plan vehicleSheet(const Plan& plan)
{
    Plan sheet;
    sheet.lastId = plan.lastId;
    sheet.body = plan.body;
    sheet.places = plan.places;
    sheet.panels = plan.panels;
    sheet.surfaces = plan.surfaces;
    sheet.listeners = plan.listeners;
    sheet.devices = ofFactory(plan.devices);
    sheet.mounts = ofFactory(plan.mounts);
    sheet.settings = ofFactory(plan.settings);
    sheet.wires = ofFactory(plan.wires);
    sheet.alterations = ofFactory(plan.alterations);
    for (const auto& [key, mount] : sheet.mounts)
        if (mount->spacer) sheet.parts[mount->spacer] = plan.parts.at(mount->spacer);
    for (const auto& [key, alteration] : sheet.alterations)
        if (alteration->material) sheet.parts[alteration->material] = plan.parts.at(alteration->material);
    std::set<CurveId> curves;
    for (const auto& [key, device] : sheet.devices) {
        const Part& part = plan.parts.at(device->part);
        sheet.parts[device->part] = part;
        for (const auto& [name, element] : part.inside)
            if (element.curve) curves.insert(element.curve);
    }
    for (const CurveId id : curves) sheet.curves[id] = plan.curves.at(id);
    dropLoose(sheet);
    eachBasis(sheet, [](Basis& basis) { basis.reading = {}; });  // the readings stay with their vehicle
    return sheet;
}

Plan planFromSheet(const Plan& sheet, const std::string& customer)
{
    Plan plan = vehicleSheet(sheet);
    plan.job.customer = customer;
    plan.body.cleared.clear();  // read anew for every vehicle
    plan.body.learnt = std::exchange(plan.body.signs, {});  // another vehicle may be another variant
    eachBasis(plan, [](Basis& basis) { basis.toConfirm = true; });
    return plan;
}

}  // namespace core
