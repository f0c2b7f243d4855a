#include "core/edits/turn_edits.h"

#include <map>

#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "core/fitout/coil_wiring.h"

namespace core {
namespace {

// The wires that leave a driver at its two ends, each at the other end.
std::map<WireId, Wire> crossed(const Fitout& fitout, DeviceId driver)
{
    std::map<WireId, Wire> wires;
    const auto ends = feedEnds(fitout, driver);
    if (!ends) return wires;
    for (const auto& [id, wire] : fitout.wires) {
        if (wire.a.device == wire.b.device || (wire.a.device != driver && wire.b.device != driver)) continue;
        Wire turned = wire;
        std::string& terminal = (wire.a.device == driver ? turned.a : turned.b).terminal;
        if (terminal == ends->plus)
            terminal = ends->minus;
        else if (terminal == ends->minus)
            terminal = ends->plus;
        wires[id] = turned;
    }
    return wires;
}

// What a later stage has of its own at this driver is turned over with it: it was made on the wires as they were.
void turn(Plan& after, const Plan& before, StageId stage, DeviceId driver)
{
    for (const auto& [id, one] : before.stages) {
        if (!standsOn(before, id, stage)) continue;
        const Fitout fitout = resolve(before, id);
        if (!fitout.devices.contains(driver)) continue;
        for (const auto& [wire, turned] : crossed(fitout, driver)) putAt(after, &Plan::wires, id, wire, turned);
    }
}

}  // namespace

Edit turnOver(const Plan& plan, StageId stage, DeviceId driver)
{
    Plan after = plan;
    turn(after, plan, standingAt(plan, &Plan::devices, stage, driver), driver);
    return difference(EditName::TurnOver, plan, after);
}

Edit planTurnOver(const Plan& plan, DeviceId driver)
{
    return planTurnOver(plan, std::vector{driver});
}

Edit planTurnOver(const Plan& plan, const std::vector<DeviceId>& drivers)
{
    Plan after = plan;
    const StageId goal = plannedGoal(after);
    for (const DeviceId driver : drivers) {
        const Plan planned = after;
        turn(after, planned, goal, driver);
    }
    return difference(EditName::TurnOver, plan, after);
}

}  // namespace core
