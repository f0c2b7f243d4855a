#pragma once

#include <set>

#include "core/fitout/resolve.h"

namespace core {

// What nobody has said yet of a source.
enum class SourceGap { Where, Power, LeastLoad, Band, Ground, LineOutputs, Controls, Pins };
[[nodiscard]] std::set<SourceGap> sourceGaps(const Fitout& fitout, DeviceId source);

// What nobody has looked for behind its place: the battery's feed, the switched one, the turn-on lead, the ground. A
// figure of 0 says that there is none.
[[nodiscard]] std::set<Quantity> feedGaps(const Body& body);

}  // namespace core
