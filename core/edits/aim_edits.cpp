#include "core/edits/aim_edits.h"

#include <algorithm>
#include <cmath>

#include "core/edits/layers.h"
#include "core/fitout/sides.h"
#include "core/model/names.h"

namespace core {
namespace {

Mount mountAt(const Plan& plan, StageId stage, DeviceId device)
{
    return itemAt(plan, &Plan::mounts, stage, device).value_or(Mount{});
}

template <class Change>
void changeMount(Plan& plan, StageId goal, DeviceId device, Change change)
{
    Mount mount = mountAt(plan, goal, device);
    change(mount);
    if (mount == Mount{})
        dropAt(plan, &Plan::mounts, goal, device);  // as its place has it: nothing is left to say
    else
        putAt(plan, &Plan::mounts, goal, device, mount);
}

bool isDriver(const Fitout& fitout, DeviceId device)
{
    const auto found = fitout.devices.find(device);
    return found != fitout.devices.end() && fitout.parts.at(found->second.part).kind == PartKind::Driver;
}

// The side is part of a place's name: "left sail", "right sail".
std::string sided(const std::string& name, bool left)
{
    for (const std::string_view side : {"left ", "right "})
        if (name.starts_with(side)) return (left ? "left " : "right ") + name.substr(side.size());
    return name;
}

// A place of this kind on that side within reach that no other driver has.
PlaceId freePlace(const Fitout& fitout, DeviceId device, const Frame& frame, PlaceKind kind)
{
    constexpr double kReach_m = 0.35;  // ours, no source: a door card is half a metre long
    for (const auto& [id, place] : fitout.places) {
        const bool across = place.frame.at_m.y * frame.at_m.y < 0.0;
        if (place.kind != kind || across || distance(place.frame.at_m, frame.at_m) > kReach_m) continue;
        const bool taken = std::any_of(fitout.devices.begin(), fitout.devices.end(), [&](const auto& entry) {
            return entry.first != device && entry.second.at == id && isDriver(fitout, entry.first);
        });
        if (!taken) return id;
    }
    return {};
}

// A place that nobody knows anything of and that no stage has anything at: a spot that was tried and left again.
void dropTried(Plan& plan, PlaceId place)
{
    const auto isBare = [&](PlaceId id) {
        const Place& one = plan.places.at(id);
        const Place bare{.kind = one.kind,
                         .name = one.name,
                         .frame = one.frame,
                         .pair = one.pair,
                         .followsPair = one.followsPair};
        const auto isAtIt = [&](const auto& entry) { return entry.second && entry.second->at == id; };
        const auto isOfIt = [&](const auto& entry) { return entry.second && entry.second->place == id; };
        const auto isRead = [&](const auto& entry) { return entry.second.of.of == Subject{id}; };
        return one == bare && std::none_of(plan.readings.begin(), plan.readings.end(), isRead) &&
               std::none_of(plan.devices.begin(), plan.devices.end(), isAtIt) &&
               std::none_of(plan.alterations.begin(), plan.alterations.end(), isOfIt);
    };
    const auto found = plan.places.find(place);
    if (found == plan.places.end() || !isBare(place)) return;
    const PlaceId pair = found->second.pair;
    if (pair && !isBare(pair)) return;
    plan.places.erase(place);
    if (pair) plan.places.erase(pair);
}

std::string unused(const Plan& plan, const std::string& name)
{
    const auto taken = [&](const std::string& one) {
        return std::any_of(plan.places.begin(), plan.places.end(),
                           [&](const auto& entry) { return entry.second.name == one; });
    };
    std::string found = name;
    for (int number = 2; taken(found); ++number) found = name + " " + std::to_string(number);
    return found;
}

}  // namespace

std::optional<Frame> frameOf(const Fitout& fitout, DeviceId device)
{
    if (const auto mount = fitout.mounts.find(device); mount != fitout.mounts.end() && mount->second.frame)
        return mount->second.frame;
    const Place* place = placeOf(fitout, device);
    return place ? std::optional(place->frame) : std::nullopt;
}

DeviceId acrossFrom(const Fitout& fitout, DeviceId device)
{
    for (const DeviceId mate : mates(fitout, device))
        if (mate != device) return mate;
    const Place* place = placeOf(fitout, device);
    if (!place || !place->pair) return {};
    const PartId part = fitout.devices.at(device).part;
    for (const auto& [id, other] : fitout.devices)
        if (other.at == place->pair && other.part == part) return id;
    return {};
}

DeviceId aimTwin(const Fitout& fitout, DeviceId device)
{
    const DeviceId twin = acrossFrom(fitout, device);
    if (!twin) return {};
    for (const DeviceId one : {device, twin})
        if (const auto mount = fitout.mounts.find(one); mount != fitout.mounts.end() && mount->second.apart) return {};
    return twin;
}

Edit placeDriver(const Plan& plan, DeviceId device, const Frame& frame)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    changeMount(after, goal, device, [&](Mount& mount) { mount.frame = frame; });
    if (const DeviceId twin = aimTwin(resolve(after, goal), device))
        changeMount(after, goal, twin, [&](Mount& mount) { mount.frame = mirrored(frame); });
    return difference(EditName::PlaceDriver, plan, after);
}

Edit putDriverOn(const Plan& plan, DeviceId device, const Frame& frame, const Surface& surface)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    const Place* own = placeOf(fitout, device);
    const DeviceId twin = aimTwin(fitout, device);
    const bool alone = own && freePlace(fitout, device, own->frame, own->kind) == fitout.devices.at(device).at;
    if (own && own->kind == surface.kind && alone && freePlace(fitout, device, frame, own->kind))
        return placeDriver(plan, device, frame);
    PlaceId here = freePlace(fitout, device, frame, surface.kind);
    PlaceId there = here ? after.places.at(here).pair : PlaceId{};
    if (!here) {
        const bool left = frame.at_m.y >= 0.0;
        here = drawId<PlaceId>(after);
        after.places[here] = {.kind = surface.kind, .name = unused(after, sided(surface.name, left)), .frame = frame};
        if (twin) {
            there = drawId<PlaceId>(after);
            after.places[there] = {.kind = surface.kind,
                                   .name = unused(after, sided(surface.name, !left)),
                                   .frame = mirrored(frame),
                                   .pair = here,
                                   .followsPair = true};
            after.places[here].pair = there;
        }
    }
    const auto move = [&](DeviceId one, PlaceId at, const Frame& to) {
        Device moved = fitout.devices.at(one);
        moved.at = at;
        putAt(after, &Plan::devices, goal, one, moved);
        changeMount(after, goal, one, [&](Mount& mount) { mount.frame = to; });
    };
    move(device, here, frame);
    if (twin && there) move(twin, there, mirrored(frame));
    dropTried(after, fitout.devices.at(device).at);
    return difference(EditName::PlaceDriver, plan, after);
}

Edit putBack(const Plan& plan, DeviceId device)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    const auto back = [&](DeviceId one) {
        const std::optional<Device> found = itemAt(after, &Plan::devices, kFound, one);
        Device now = fitout.devices.at(one);
        if (found && found->at) now.at = found->at;
        putAt(after, &Plan::devices, goal, one, now);
        const std::optional<Mount> was = itemAt(after, &Plan::mounts, kFound, one);
        changeMount(after, goal, one, [&](Mount& mount) {
            mount.frame = was ? was->frame : std::nullopt;
        });
    };
    back(device);
    if (const DeviceId twin = aimTwin(fitout, device)) back(twin);
    dropTried(after, fitout.devices.at(device).at);
    return difference(EditName::PlaceDriver, plan, after);
}

Edit freeAim(const Plan& plan, DeviceId device)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    for (const DeviceId one : {device, acrossFrom(fitout, device)})
        changeMount(after, goal, one, [&](Mount& mount) {
            mount.frame = frameOf(fitout, one);
            mount.apart = true;
        });
    return difference(EditName::FreeAim, plan, after);
}

Edit mirrorAim(const Plan& plan, DeviceId device)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const Fitout fitout = resolve(after, goal);
    const std::optional<Frame> frame = frameOf(fitout, device);
    changeMount(after, goal, device, [](Mount& mount) { mount.apart = false; });
    changeMount(after, goal, acrossFrom(fitout, device), [&](Mount& mount) {
        mount.apart = false;
        if (frame) mount.frame = mirrored(*frame);
    });
    return difference(EditName::MirrorAim, plan, after);
}

Edit setMountStyle(const Plan& plan, DeviceId device, MountStyle style)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    changeMount(after, goal, device, [&](Mount& mount) { mount.style = style; });
    if (const DeviceId twin = aimTwin(resolve(after, goal), device))
        changeMount(after, goal, twin, [&](Mount& mount) { mount.style = style; });
    return difference(EditName::SeatDriver, plan, after);
}

Edit clearZone(const Plan& plan, RestraintZone zone, bool cleared)
{
    Plan after = plan;
    if (cleared)
        after.body.cleared.insert(zone);
    else
        after.body.cleared.erase(zone);
    return difference(EditName::ClearZone, plan, after);
}

Edit changeSurface(const Plan& plan, const std::map<SurfaceId, Surface>& mounts, SurfaceId id, const Surface& surface)
{
    constexpr double kAlike_m = 0.02;
    const auto flipped = [](Vec3 way) {
        way.y = -way.y;
        return way;
    };
    Plan after = plan;
    const bool own = after.surfaces.contains(id);
    const Vec3 image = flipped(middleOf(mounts.at(id)));
    for (const auto& [other, before] : mounts) {
        Surface now = before;
        if (other == id)
            now = surface;
        else if (before.kind == surface.kind && distance(middleOf(before), image) < kAlike_m) {
            now = surface;
            now.name = before.name;
            now.corner_m = flipped(surface.corner_m);
            now.along_m = flipped(surface.along_m);
            now.across_m = flipped(surface.across_m);
        }
        after.surfaces[own ? other : drawId<SurfaceId>(after)] = now;
    }
    return difference(EditName::ChangeSurface, plan, after);
}

}  // namespace core
