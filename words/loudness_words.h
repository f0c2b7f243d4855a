#pragma once

#include <QString>

#include "core/physics/bands.h"

namespace words {

// What a change in one band is to the ear: "about 1.4 times as loud at 120 Hz", from 70 phon on. Empty for a
// change that nobody hears, and where the standard does not reach.
[[nodiscard]] QString loudnessOf(core::Band band, double change_db);

// What to say where a level can harm: empty under 85 dB.
[[nodiscard]] QString hearingCaution(double level_db);

}  // namespace words
