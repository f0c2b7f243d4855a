#pragma once

#include "core/judgement/judging.h"

namespace core {

// LOAD1: the least |Z| of a channel under its stable minimum, a nominal load. IEC 60268-5: |Z| may fall to 80 % of
// nominal.
[[nodiscard]] std::vector<Finding> judgeLoadUnderMinimum(const Judging& judging);

// LOAD2: a coil on factory electronics with less resistance than the one that was there.
[[nodiscard]] std::vector<Finding> judgeLowerLoadOnFactory(const Judging& judging);

// LOAD3: a higher load than before, and less level in 250 Hz-4 kHz at equal volts.
[[nodiscard]] std::vector<Finding> judgeLessLevel(const Judging& judging);

// LOAD4: more programme watts in a coil than it is rated for, or a sine far over it with nothing to hold the bass back.
[[nodiscard]] std::vector<Finding> judgeCoilOverRating(const Judging& judging);

}  // namespace core
