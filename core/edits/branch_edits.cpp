#include "core/edits/branch_edits.h"

#include <algorithm>
#include <cassert>

#include "core/edits/layers.h"
#include "core/edits/parts.h"

namespace core {
namespace {

// Calls `f` with each layered table of a plan.
template <class F>
void eachLayeredTable(Plan& plan, F f)
{
    f(plan.devices);
    f(plan.mounts);
    f(plan.settings);
    f(plan.wires);
    f(plan.alterations);
}

}  // namespace

std::vector<StageId> planWays(const Plan& plan)
{
    std::vector<StageId> ways;
    for (const auto& [id, stage] : plan.stages)
        if (stage.kind == StageKind::Planned) ways.push_back(id);
    return ways;
}

Edit branchWay(const Plan& plan, const std::string& name)
{
    Plan after = plan;
    const StageId from = plan.job.goal;
    const bool first = from == kFound || from == kFactory;
    const auto fresh = drawId<StageId>(after);
    after.stages[fresh] = {StageKind::Planned, first ? kFound : plan.stages.at(from).on, name};
    if (!first)
        eachLayeredTable(after, [&](auto& table) {
            auto copies = table;
            std::erase_if(copies, [&](const auto& entry) { return entry.first.stage != from; });
            for (auto& [key, item] : copies) table[{fresh, key.key}] = item;
        });
    after.job.goal = fresh;
    return difference(EditName::SetJob, plan, after);
}

Edit takeWay(const Plan& plan, StageId stage)
{
    Plan after = plan;
    after.job.goal = stage;
    return difference(EditName::SetJob, plan, after);
}

Edit dropWay(const Plan& plan, StageId stage)
{
    assert(std::none_of(plan.stages.begin(), plan.stages.end(),
                        [&](const auto& entry) { return entry.second.on == stage; }));
    Plan after = plan;
    const StageId below = plan.stages.at(stage).on;
    // A device that only this way has goes with all that speaks of it.
    for (const auto& [key, device] : plan.devices) {
        const bool elsewhere = std::any_of(
            plan.devices.begin(), plan.devices.end(),
            [&, id = key.key](const auto& entry) { return entry.first.key == id && entry.first.stage != stage; });
        if (key.stage == stage && device && !elsewhere) dropDevice(after, stage, key.key);
    }
    eachLayeredTable(after, [&](auto& table) {
        std::erase_if(table, [&](const auto& entry) { return entry.first.stage == stage; });
    });
    std::erase_if(after.readings, [&](const auto& entry) { return entry.second.stage == stage; });
    after.stages.erase(stage);
    if (plan.job.goal == stage) {
        const std::vector<StageId> left = planWays(after);
        after.job.goal = left.empty() ? below : left.back();
    }
    dropUnused(after);
    return difference(EditName::SetJob, plan, after);
}

}  // namespace core
