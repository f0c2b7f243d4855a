#include "core/design/push_together.h"

#include <algorithm>
#include <set>

#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"

namespace core {

std::vector<DeviceId> wrongWayRound(const Plan& plan, const std::vector<DeviceId>& lower,
                                    const std::vector<DeviceId>& higher, int wanted)
{
    const auto isOf = [](const std::vector<DeviceId>& devices, const Run& run) {
        return std::find(devices.begin(), devices.end(), run.id.coil.device) != devices.end();
    };
    std::set<DeviceId> wrong;  // a cone may have several coils
    const std::vector<Run> all = runs(resolve(plan, plan.job.goal));
    for (const Run& one : all)
        for (const Run& other : all)
            if (isOf(higher, one) && isOf(lower, other) && one.id.channel == other.id.channel &&
                one.sign * other.sign * wanted < 0)
                wrong.insert(one.id.coil.device);
    return {wrong.begin(), wrong.end()};
}

}  // namespace core
