#pragma once

#include "core/edits/aim_edits.h"
#include "core/judgement/judging.h"

namespace core {

// Same driver, same feed, same spot: nobody chose it.
[[nodiscard]] inline bool stoodThere(const Judging& judging, const RunResult& run)
{
    const DeviceId device = run.run.id.coil.device;
    return judging.stood(run) && frameOf(judging.found.used, device) == frameOf(judging.goal.used, device);
}

}  // namespace core
