#pragma once

#include <set>
#include <string>
#include <vector>

#include "core/model/evaluation.h"

namespace core {

// What nobody has said yet of one driver.
enum class Gap { Driver, Wires, Colours, Ohms, Depth, WayIn };

// One driver as the inventory has it: place, band, wires, polarity, channel.
struct MapRow {
    PlaceId place{};  // none: it is nowhere
    Port coil{};      // no device: the place is empty
    std::vector<Port> channels{};
    int sign = 0;  // of its first run
    std::string plusColour{}, minusColour{};
    std::optional<double> from_hz{}, to_hz{};  // what reaches it, within 3 dB of the most; nothing: nothing does
    std::set<Gap> gaps{};
};

struct ChannelMap {
    std::vector<MapRow> rows{};
    std::vector<Port> idleChannels{};  // nothing hangs on them
    std::vector<WireId> loose{};       // an end of them is nowhere
    [[nodiscard]] bool complete() const;
};

// Every driver of a stage and every empty place; where only a radio or an amplifier sits is none. A place whose twin
// does the same has its own row all the same: wires and colours differ.
[[nodiscard]] ChannelMap channelMap(const StageResult& stage, const Eigen::ArrayXd& frequency_hz);

}  // namespace core
