#include "core/edits/fit_edits.h"

#include <fmt/format.h>

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/sides.h"

namespace core {
namespace {

// The mounts of a device and its followers at the goal, changed.
template <class Change>
Edit changeMounts(EditName name, const Plan& plan, DeviceId device, Change change)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId one : withFollowers(resolve(after, goal), device)) {
        Mount mount = itemAt(after, &Plan::mounts, goal, one).value_or(Mount{});
        change(after, mount);
        if (mount == Mount{} && !itemAt(after, &Plan::mounts, after.stages.at(goal).on, one))
            after.mounts.erase({goal, one});
        else
            putAt(after, &Plan::mounts, goal, one, mount);
    }
    dropUnused(after);
    return difference(name, plan, after);
}

Edit alterAtGoal(const Plan& plan, DeviceId device, AlterationKind what, bool done)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const PlaceId place = itemAt(after, &Plan::devices, goal, device)->at;
    after = apply(after, alterPlace(after, goal, place, what, done)).plan;
    return difference(EditName::AlterPlace, plan, after);
}

}  // namespace

Edit fitSpacer(const Plan& plan, DeviceId device, const Part& spacer)
{
    Edit edit = changeMounts(EditName::FitSpacer, plan, device, [&](Plan& after, Mount& mount) {
        mount.spacer = spacer.kind == PartKind::Spacer ? copyIn(after, spacer) : PartId{};
    });
    edit.detail = spacer.name;
    return edit;
}

Edit fitSpacer(const Plan& plan, DeviceId device, double thickness_m)
{
    if (!(thickness_m > 0.0)) return fitSpacer(plan, device, Part{});
    Part spacer{.kind = PartKind::Spacer,
                .name = fmt::format("spacer {:g} mm", std::round(thickness_m * 1e4) / 10.0),
                .shelfKey = kMade};
    spacer.figures[Quantity::Thickness_m] = Known{thickness_m};
    return fitSpacer(plan, device, spacer);
}

Edit fitRing(const Plan& plan, DeviceId device, const HoleFit& hole, double thickness_m)
{
    Part ring{.kind = PartKind::Spacer, .name = "adapter ring", .shelfKey = kMade};
    ring.figures[Quantity::Thickness_m] = Known{thickness_m};
    ring.figures[Quantity::Cutout_m] = Known{hole.ringInside_m.value_or(hole.plan.cut_m)};
    if (hole.ringOutside_m) ring.figures[Quantity::Flange_m] = Known{*hole.ringOutside_m};
    return fitSpacer(plan, device, ring);
}

Edit turnDriver(const Plan& plan, DeviceId device, std::optional<double> turn_deg)
{
    bool twin = false;  // mirrored: turned the other way
    return changeMounts(EditName::TurnDriver, plan, device, [&](Plan&, Mount& mount) {
        mount.turn_deg = turn_deg && twin ? std::optional(-*turn_deg) : turn_deg;
        twin = true;
    });
}

Edit fixDriver(const Plan& plan, DeviceId device, Fixing fixing)
{
    return changeMounts(EditName::FixDriver, plan, device, [&](Plan&, Mount& mount) { mount.fixing = fixing; });
}

Edit breakTabs(const Plan& plan, DeviceId device, bool off)
{
    return changeMounts(EditName::FixDriver, plan, device, [&](Plan&, Mount& mount) {
        if (off)
            mount.figures[Quantity::TabsOff] = Known{1.0};
        else
            mount.figures.erase(Quantity::TabsOff);
    });
}

Edit setScrews(const Plan& plan, DeviceId device, double length_m)
{
    return changeMounts(EditName::FixDriver, plan, device, [&](Plan&, Mount& mount) {
        if (length_m > 0.0)
            mount.figures[Quantity::ScrewLength_m] = Known{length_m};
        else
            mount.figures.erase(Quantity::ScrewLength_m);
    });
}

Edit cutHole(const Plan& plan, DeviceId device, double cutout_m, std::optional<double> short_m)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const PlaceId place = itemAt(after, &Plan::devices, goal, device)->at;
    after = apply(after, alterPlace(after, goal, place, AlterationKind::Hole, true)).plan;
    std::set<PlaceId> places{place};
    if (const PlaceId mate = mateOf(after.places, place)) places.insert(mate);
    for (auto& [key, item] : after.alterations)
        if (key.stage == goal && item && item->what == AlterationKind::Hole && places.contains(item->place)) {
            item->figures[Quantity::Cutout_m] = Known{cutout_m};
            item->figures.erase(Quantity::CutoutShort_m);
            if (short_m) item->figures[Quantity::CutoutShort_m] = Known{*short_m};
        }
    return difference(EditName::AlterPlace, plan, after);
}

Edit prepareHole(const Plan& plan, DeviceId device, AlterationKind what)
{
    return alterAtGoal(plan, device, what, true);
}

Edit leaveAsItIs(const Plan& plan, DeviceId device, AlterationKind what)
{
    return alterAtGoal(plan, device, what, false);
}

Edit leaveUncut(const Plan& plan, PlaceId place, const std::set<AlterationKind>& kinds)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const AlterationKind what : kinds) after = apply(after, alterPlace(after, goal, place, what, false)).plan;
    return difference(EditName::AlterPlace, plan, after);
}

Edit allowCutting(const Plan& plan)
{
    Plan after = plan;
    after.job.keep.erase(Keep::NoCutting);
    return difference(EditName::SetJob, plan, after);
}

Edit setWireLength(const Plan& plan, WireId wire, double length_m)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    Wire changed = *itemAt(after, &Plan::wires, goal, wire);
    changed.figures[Quantity::Length_m] = Known{length_m};
    putAt(after, &Plan::wires, goal, wire, changed);
    return difference(EditName::WireLength, plan, after);
}

}  // namespace core
