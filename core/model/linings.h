#pragma once

#include <algorithm>
#include <array>

#include "core/model/part.h"
#include "core/model/wiring.h"

namespace core {

// What is laid on metal, in the order it goes on.
inline constexpr std::array kLinings{AlterationKind::Mat, AlterationKind::Decoupler, AlterationKind::Barrier};

[[nodiscard]] inline bool isLining(AlterationKind what)
{
    return std::find(kLinings.begin(), kLinings.end(), what) != kLinings.end();
}

// What the shelf has for it.      requires isLining(what)
[[nodiscard]] inline PartKind materialOf(AlterationKind what)
{
    if (what == AlterationKind::Mat) return PartKind::Mat;
    return what == AlterationKind::Decoupler ? PartKind::FoamSheet : PartKind::BarrierMat;
}

}  // namespace core
