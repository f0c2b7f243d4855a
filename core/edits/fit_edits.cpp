#include "core/edits/fit_edits.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/edits/layers.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/sides.h"

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
                .shelfKey = "made"};
    spacer.figures[Quantity::Thickness_m] = Known{thickness_m};
    return fitSpacer(plan, device, spacer);
}

Edit fitRing(const Plan& plan, DeviceId device, const HoleFit& hole, double thickness_m)
{
    Part ring{.kind = PartKind::Spacer, .name = "adapter ring", .shelfKey = "made"};
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

Edit setWireLength(const Plan& plan, WireId wire, double length_m)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    Wire changed = *itemAt(after, &Plan::wires, goal, wire);
    changed.figures[Quantity::Length_m] = Known{length_m};
    putAt(after, &Plan::wires, goal, wire, changed);
    return difference(EditName::WireLength, plan, after);
}

double screwGrip_m(const Place& place, const DriverFit& fit)
{
    return fit.body.at(Quantity::FlangeThickness_m).value + fit.spacer_m + fit.stump_m +
           valueOf(place.room, Quantity::Sheet_m).value_or(0.0);
}

std::optional<double> neededScrew_m(const Practice& practice, const Place& place, const DriverFit& fit)
{
    const double least_m = screwGrip_m(place, fit) + practice[PracticeKey::ScrewBite_m];
    const std::vector<double>& sold_m = practice[PracticeList::ScrewLength_m];
    const auto found =
        std::find_if(sold_m.begin(), sold_m.end(), [&](double one_m) { return one_m >= least_m - 1e-9; });
    return found == sold_m.end() ? std::nullopt : std::optional(*found);
}

std::optional<double> shorterScrew_m(const Practice& practice, const Place& place, const Mount& mount,
                                     const DriverFit& fit)
{
    const auto room = valueOf(place.room, Quantity::ScrewRoom_m);
    const auto now = valueOf(mount.figures, Quantity::ScrewLength_m);
    if (!room) return std::nullopt;
    const double through_m = screwGrip_m(place, fit);
    std::optional<double> best;
    for (const double length_m : practice[PracticeList::ScrewLength_m])
        if (length_m >= through_m + practice[PracticeKey::ScrewBite_m] &&
            length_m - through_m <= *room - fit.wantedDepth_m && (!now || length_m < *now))
            best = length_m;
    return best;
}

}  // namespace core
