#pragma once

#include <string>
#include <vector>

#include "core/evaluate/grid_tables.h"
#include "core/model/evaluation.h"

namespace core {

// A stage with one plug of a device off: every wire to that connector's terminals is gone, all else stays.
// Without such a connector nothing changes.
[[nodiscard]] Fitout unplug(Fitout fitout, DeviceId device, const std::string& connector);

// The connectors of a device that wires hang on, in alphabetical order.
[[nodiscard]] std::vector<std::string> pluggedConnectors(const Fitout& fitout, DeviceId device);

// What a channel sees before and after; nothing after: it sees nothing at all.
struct LoadChange {
    Port channel{};
    double before_ohm = 0.0;
    std::optional<double> after_ohm{};
};

// What goes quiet, and what an amplifier then sees.
struct Unplugged {
    std::vector<RunId> dead{};
    std::vector<LoadChange> loads{};  // of channels whose load changed
};
[[nodiscard]] Unplugged whatUnpluggingDoes(const StageResult& stage, DeviceId device, const std::string& connector,
                                           const Practice& practice, const GridTables& tables);

}  // namespace core
