#pragma once

#include "app/session/snapshot.h"
#include "app/widgets/change_figures.h"

namespace app {

// What a change of driver does at a place in four figures: the load, the middle, the capacitor's corner, where the
// source clips.
[[nodiscard]] std::vector<ChangeFigure> placeFigures(const Snapshot& snapshot, core::DeviceId device);

}  // namespace app
