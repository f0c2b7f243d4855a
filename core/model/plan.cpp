#include "core/model/plan.h"

#include <algorithm>

namespace core {
namespace {

template <char Letter, class Item>
bool uses(const std::map<Id<Letter>, Item>& table, int number)
{
    return table.contains({number});
}

template <class AnyId, class Item>
bool uses(const Layered<AnyId, Item>& table, int number)
{
    return std::any_of(table.begin(), table.end(), [&](const auto& entry) { return entry.first.key.number == number; });
}

bool isUsed(const Plan& plan, int number)
{
    return uses(plan.places, number) || uses(plan.panels, number) || uses(plan.surfaces, number) ||
           uses(plan.listeners, number) || uses(plan.parts, number) || uses(plan.curves, number) ||
           uses(plan.stages, number) || uses(plan.readings, number) || uses(plan.devices, number) ||
           uses(plan.mounts, number) || uses(plan.wires, number) || uses(plan.alterations, number);
}

}  // namespace

int drawNumber(Plan& plan)
{
    do plan.lastId = plan.lastId < kMostId ? plan.lastId + 1 : 1;
    while (isUsed(plan, plan.lastId));
    return plan.lastId;
}

}  // namespace core
