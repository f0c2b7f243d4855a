#pragma once

#include <algorithm>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/model/names.h"
#include "core/model/plan.h"

namespace cli {

// Listeners by their seat or their id: "driver", "e5".
[[nodiscard]] inline core::Result<std::vector<core::ListenerId>> seatsOf(const core::Plan& plan,
                                                                         const std::string& file,
                                                                         const std::vector<std::string>& names)
{
    std::vector<core::ListenerId> seats;
    for (const std::string& name : names) {
        const auto found = std::find_if(plan.listeners.begin(), plan.listeners.end(), [&](const auto& entry) {
            return core::textOf(entry.first) == name || core::textOf(entry.second.seat) == name;
        });
        if (found == plan.listeners.end())
            return tl::unexpected(core::InputError{file, name, "nobody sits there in this plan"});
        seats.push_back(found->first);
    }
    return seats;
}

}  // namespace cli
