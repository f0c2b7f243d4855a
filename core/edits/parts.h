#pragma once

#include <algorithm>
#include <vector>

#include "core/fitout/sides.h"
#include "core/model/edit.h"

namespace core {

// This device first, then those that follow it.
[[nodiscard]] inline std::vector<DeviceId> withFollowers(const Fitout& fitout, DeviceId device)
{
    std::vector<DeviceId> devices{device};
    for (const DeviceId follower : followersOf(fitout, device)) devices.push_back(follower);
    return devices;
}

// A part of the plan, new only if no equal one is there.
inline PartId copyIn(Plan& plan, const Part& part)
{
    for (const auto& [id, known] : plan.parts)
        if (known == part) return id;
    const auto id = drawId<PartId>(plan);
    plan.parts[id] = part;
    return id;
}

// A copy of the shelf's or an earlier stage's part that nothing uses any more would only lie about.
inline void dropUnused(Plan& plan)
{
    std::erase_if(plan.parts, [&](const auto& entry) {
        const auto plays = [&](const auto& item) { return item.second && item.second->part == entry.first; };
        const auto spaces = [&](const auto& item) { return item.second && item.second->spacer == entry.first; };
        const auto lines = [&](const auto& item) { return item.second && item.second->material == entry.first; };
        return !entry.second.shelfKey.empty() && std::none_of(plan.devices.begin(), plan.devices.end(), plays) &&
               std::none_of(plan.mounts.begin(), plan.mounts.end(), spaces) &&
               std::none_of(plan.alterations.begin(), plan.alterations.end(), lines);
    });
}

}  // namespace core
