#include "core/edits/survey_edits.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/filter_edits.h"
#include "core/edits/layers.h"
#include "core/evaluate/driver_mounting.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/model/inside_ways.h"

namespace core {
namespace {

bool isAt(const Vec3& a, const Vec3& b)
{
    constexpr double kSame_m = 1e-6;
    return distance(a, b) < kSame_m;
}

// Listeners that stand where the old body has its seats go where the new one has them; rows come and go.
void moveUsualSeats(Plan& after, const Body& before, const UsualVehicles& vehicles)
{
    const auto from = usualSeats(before, vehicles), to = usualSeats(after.body, vehicles);
    std::set<Seat> taken;
    std::set<ListenerId> named;  // by curves taken there: these stay
    for (const auto& [id, curve] : after.curves) named.insert(curve.listener);
    for (auto entry = after.listeners.begin(); entry != after.listeners.end();) {
        auto& [id, listener] = *entry;
        const auto was = from.find(listener.seat), is = to.find(listener.seat);
        const bool usual = was != from.end() && isAt(was->second, listener.head_m);
        if (usual && is == to.end() && !named.contains(id)) {
            entry = after.listeners.erase(entry);
            continue;
        }
        if (usual && is != to.end()) listener.head_m = is->second;
        taken.insert(listener.seat);
        ++entry;
    }
    if (before.kind == after.body.kind && before.cab == after.body.cab) return;
    for (const auto& [seat, head_m] : to)
        if (!taken.contains(seat)) after.listeners[drawId<ListenerId>(after)] = {seat, head_m};
}

}  // namespace

DeviceId newDriver(const Fitout& fitout, const Fitout& before)
{
    for (const auto& [id, device] : fitout.devices)
        if (!before.devices.contains(id) && partOf(fitout, id).kind == PartKind::Driver && !leaderOf(fitout, id))
            return id;
    return {};
}

DeviceId newSource(const Fitout& fitout, const Fitout& before)
{
    for (const auto& [id, device] : fitout.devices)
        if (!before.devices.contains(id) && isSource(partOf(fitout, id))) return id;
    return {};
}

Use usualUse(BodyKind kind)
{
    switch (kind) {
        case BodyKind::Motorcycle:
            return Use::WindAndHelmet;
        case BodyKind::OpenSideBySide:
            return Use::OpenCab;
        case BodyKind::OpenTwoSeater:
        case BodyKind::Classic:
            return Use::SummerCruiser;
        case BodyKind::Van:
            return Use::WorkVan;
        case BodyKind::Hatchback:
        case BodyKind::Saloon:
        case BodyKind::Estate:
        case BodyKind::Coupe:
        case BodyKind::Pickup:
        case BodyKind::OffRoad:
        case BodyKind::Bus:
        case BodyKind::Boat:
            return Use::FamilyCar;
    }
    return Use::FamilyCar;
}

Plan newPlan(BodyKind kind, const UsualVehicles& vehicles)
{
    Plan plan;
    plan.body = usualBody(kind, vehicles);
    plan.job.use = usualUse(kind);
    for (const auto& [seat, head_m] : usualSeats(plan.body, vehicles))
        plan.listeners[drawId<ListenerId>(plan)] = {seat, head_m};
    return plan;
}

Edit setBody(const Plan& plan, const Body& body, const UsualVehicles& vehicles)
{
    Plan after = plan;
    after.body = body;
    if (body.kind != plan.body.kind) {
        const Body usual = usualBody(body.kind, vehicles);
        after.body.length_m = usual.length_m;
        after.body.width_m = usual.width_m;
        after.body.frontAxle_m = usual.frontAxle_m;
        after.body.cabin.clear();  // measures of another kind
        if (plan.job.use == usualUse(plan.body.kind)) after.job.use = usualUse(body.kind);
    }
    moveUsualSeats(after, plan.body, vehicles);
    return difference(EditName::SetBody, plan, after);
}

Edit setJob(const Plan& plan, const Job& job)
{
    Plan after = plan;
    after.job = job;
    return difference(EditName::SetJob, plan, after);
}

Edit setHearing(const Plan& plan, bool left, const std::vector<double>& level_db)
{
    Plan after = plan;
    CurveId& audiogram = left ? after.job.hearingLeft : after.job.hearingRight;
    if (level_db.empty()) {
        after.curves.erase(audiogram);
        audiogram = {};
    } else {
        if (!audiogram) audiogram = drawId<CurveId>(after);
        after.curves[audiogram] = {.kind = CurveKind::Hearing,
                                   .name = left ? "left ear" : "right ear",
                                   .frequency_hz = {kAudiogram_hz.begin(), kAudiogram_hz.end()},
                                   .level_db = level_db};
    }
    return difference(EditName::SetJob, plan, after);
}

Edit moveSeat(const Plan& plan, ListenerId listener, const Vec3& head_m)
{
    Plan after = plan;
    after.listeners.at(listener).head_m = head_m;
    return difference(EditName::MoveSeat, plan, after);
}

Edit removeSpeaker(const Plan& plan, StageId stage, DeviceId device)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, device);
    for (const DeviceId one : mates(resolve(plan, standing), device)) dropDevice(after, standing, one);
    dropLooseParts(after, standing);
    return difference(EditName::RemoveSpeaker, plan, after);
}

Edit changePart(const Plan& plan, StageId stage, DeviceId device, const Part& part)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::devices, stage, device);
    const std::vector<DeviceId> ours = mates(resolve(plan, standing), device);
    const PartId old = itemAt(plan, &Plan::devices, standing, device)->part;
    const auto isOurs = [&](DeviceId id) { return std::find(ours.begin(), ours.end(), id) != ours.end(); };
    const bool shared = std::any_of(plan.devices.begin(), plan.devices.end(), [&](const auto& entry) {
        return entry.second && entry.second->part == old && !isOurs(entry.first.key);
    });
    const PartId id = shared ? drawId<PartId>(after) : old;
    after.parts[id] = part;
    if (shared)
        for (auto& [key, item] : after.devices)
            if (item && item->part == old && isOurs(key.key)) item->part = id;
    return difference(isSource(part) ? EditName::ChangeSource : EditName::ChangeDriver, plan, after);
}

Edit seenThere(const Plan& plan, StageId stage, DeviceId device, const Part& part)
{
    const Edit change = changePart(plan, stage, device, part);
    Plan after = apply(plan, change).plan;
    for (const DeviceId one : mates(resolve(after, standingAt(plan, &Plan::devices, stage, device)), device))
        for (auto& [key, item] : after.devices)
            if (item && key.key == one && (item->basis.origin == Origin::ClassGuess || item->basis.toConfirm))
                item->basis = {};
    return difference(change.name, plan, after);
}

Edit colourWire(const Plan& plan, StageId stage, WireId wire, const std::string& colour)
{
    Plan after = plan;
    const StageId standing = standingAt(plan, &Plan::wires, stage, wire);
    Wire coloured = *itemAt(plan, &Plan::wires, standing, wire);
    coloured.colour = colour;
    coloured.basis = {};  // somebody looked
    putAt(after, &Plan::wires, standing, wire, coloured);
    return difference(EditName::ColourWire, plan, after);
}

Edit alterPlace(const Plan& plan, StageId stage, PlaceId place, AlterationKind what, bool done)
{
    Plan after = plan;
    // What was done as found is undone there.
    if (!done && stage == kFactory && !isAltered(resolve(plan, stage), place, what)) stage = kFound;
    const Fitout fitout = resolve(plan, stage);
    std::set<PlaceId> places{place};
    if (const PlaceId mate = mateOf(plan.places, place)) places.insert(mate);
    for (const PlaceId one : places) {
        bool there = false;
        for (const auto& [id, alteration] : fitout.alterations) {
            if (alteration.place != one || alteration.what != what) continue;
            there = true;
            if (!done) dropAt(after, &Plan::alterations, stage, id);
        }
        if (done && !there) after.alterations[{stage, drawId<AlterationId>(after)}] = Alteration{one, what, {}};
    }
    return difference(EditName::AlterPlace, plan, after);
}

void setOwnCapacitor(Part& part, const std::optional<Known>& capacitance)
{
    const std::string there = ownCapacitorOf(part);
    if (!there.empty()) {
        Element& capacitor = part.inside.at(there);
        if (capacitance) {
            capacitor.figures[Quantity::Capacitance_f] = *capacitance;
            return;
        }
        const bool aIsTerminal = part.terminals.contains(capacitor.a);
        const std::string terminal = aIsTerminal ? capacitor.a : capacitor.b;
        const std::string node = aIsTerminal ? capacitor.b : capacitor.a;
        part.inside.erase(there);
        for (auto& [name, element] : part.inside)
            for (std::string* end : {&element.a, &element.b})
                if (*end == node) *end = terminal;
        return;
    }
    const auto leads = leadsOf(part, firstOf(part, ElementKind::Coil));
    if (!capacitance || !leads) return;
    const std::string node = "after capacitor";
    for (auto& [name, element] : part.inside)
        for (std::string* end : {&element.a, &element.b})
            if (*end == leads->plus) *end = node;
    part.inside["C"] = {.kind = ElementKind::Capacitor,
                        .a = leads->plus,
                        .b = node,
                        .figures = {{Quantity::Capacitance_f, *capacitance}}};
}

}  // namespace core
