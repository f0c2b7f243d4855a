#include "core/edits/set_edits.h"

#include <algorithm>
#include <cmath>

#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "core/edits/parts.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/driver_work.h"

namespace core {
namespace {

// Where the row of seats usually has its tweeter.
std::optional<UsualSpot> tweeterSpot(const Plan& plan, const Place& beside, const UsualVehicles& vehicles)
{
    std::optional<UsualSpot> nearest;
    double least_m = 0.0;
    for (const UsualSpot& spot : usualSpots(plan.body, vehicles)) {
        const double apart_m = std::abs(spot.frame.at_m.x - beside.frame.at_m.x);
        if (workOf(spot.driverClass) != DriverWork::Treble || (nearest && apart_m >= least_m)) continue;
        nearest = spot;
        least_m = apart_m;
    }
    return nearest;
}

}  // namespace

std::optional<ComponentSet> contentsOf(const Shelf& shelf, const Part& set, const Practice& practice)
{
    ComponentSet found;
    for (const std::string& key : set.contents) {
        const Part* part = shelf.find(key);
        if (!part) return std::nullopt;
        if (part->kind == PartKind::Network) found.network = part;
        if (part->kind == PartKind::Driver) (isTweeter(*part, practice) ? found.tweeter : found.woofer) = part;
    }
    return found.woofer && found.tweeter ? std::optional(found) : std::nullopt;
}

const Part* setWith(const Shelf& shelf, const std::string& driverKey)
{
    for (const Part* set : shelf.of(PartKind::ArticleSet))
        if (std::find(set->contents.begin(), set->contents.end(), driverKey) != set->contents.end()) return set;
    return nullptr;
}

Edit fitSet(const Plan& plan, DeviceId woofer, const ComponentSet& set, const UsualVehicles& vehicles,
            const Practice& practice)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    const auto take = [&](const Edit& edit) { after = apply(std::move(after), edit).plan; };
    take(fitPart(after, woofer, *set.woofer));
    const Fitout fitout = resolve(after, goal);
    DeviceId tweeter = tweeterBeside(fitout, woofer, practice);
    if (!tweeter) {
        const auto spot = tweeterSpot(after, fitout.places.at(fitout.devices.at(woofer).at), vehicles);
        if (spot) take(addSpeakers(after, goal, *spot, practice));
        tweeter = newDriver(resolve(after, goal), fitout);
    }
    if (tweeter) take(fitPart(after, tweeter, *set.tweeter));
    if (tweeter && set.network) 
        take(fitNetwork(after, {{Leg::Woofer, woofer}, {Leg::Tweeter, tweeter}}, *set.network));
    dropUnused(after);
    Edit edit = difference(EditName::FitDriver, plan, after);
    edit.detail = set.woofer->name;
    return edit;
}

}  // namespace core
