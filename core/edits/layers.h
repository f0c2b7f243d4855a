#pragma once

#include "core/fitout/resolve.h"

namespace core {

// The stage that is being planned. A plan whose goal is still what was found gets one.
inline StageId plannedGoal(Plan& plan)
{
    if (plan.job.goal == kFound || plan.job.goal == kFactory) {
        const auto goal = drawId<StageId>(plan);
        plan.stages[goal] = {StageKind::Planned, kFound, "planned"};
        plan.job.goal = goal;
    }
    return plan.job.goal;
}

// Is this stage the other one, or made on top of it?
[[nodiscard]] inline bool standsOn(const Plan& plan, StageId stage, StageId below)
{
    for (StageId at = stage; at; at = plan.stages.at(at).on)
        if (at == below) return true;
    return false;
}

// The stage at which a survey's edit of this entry belongs: the one asked for, or what was found where only that has
// it.
template <class Key, class Item>
[[nodiscard]] StageId standingAt(const Plan& plan, Layered<Key, Item> Plan::*table, StageId stage, const Key& key)
{
    return itemAt(plan, table, stage, key) ? stage : kFound;
}

// This entry stands at a stage from now on; nothing is written where the stage below already says the same.
template <class Key, class Item>
void putAt(Plan& plan, Layered<Key, Item> Plan::*table, StageId stage, const Key& key, const Item& item)
{
    const StageId below = plan.stages.at(stage).on;
    const std::optional<Item> there = below ? itemAt(plan, table, below, key) : std::nullopt;
    if (there == item)
        (plan.*table).erase({stage, key});
    else
        (plan.*table)[{stage, key}] = item;
}

// Taken out at a stage; where only this stage had it, no trace of it is left.
template <class Key, class Item>
void dropAt(Plan& plan, Layered<Key, Item> Plan::*table, StageId stage, const Key& key)
{
    const StageId below = plan.stages.at(stage).on;
    const std::optional<Item> there = below ? itemAt(plan, table, below, key) : std::nullopt;
    if (there)
        (plan.*table)[{stage, key}] = std::nullopt;
    else
        (plan.*table).erase({stage, key});
}

// A device goes at a stage, and the wires that hang on it there. Where no stage has it any more, nothing speaks of it:
// wires, mounts, settings, readings and measured curves go too.
void dropDevice(Plan& plan, StageId stage, DeviceId device);

}  // namespace core
