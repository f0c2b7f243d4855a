#pragma once

#include <QString>
#include <optional>

#include "core/model/vehicle.h"

namespace app {

// A fastener as a fitter says it: "2 hidden screws T20 behind the handle cup", "2 bolts 8 mm", "four T25",
// "3/16 in hex". A size is a tool's: star, cross or hex, or a width over flats with its unit; it may stand before or
// after the kind, and says the kind where nothing else does. Nothing where neither is named.
[[nodiscard]] std::optional<core::Fastener> fastenerFromText(const QString& text);

}  // namespace app
