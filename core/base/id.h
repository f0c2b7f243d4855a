#pragma once

#include <compare>

namespace core {

// The key of an item in one of the plan's tables. The letter is part of the type, so a place cannot be taken for a
// part; written as text it is the letter and the number: "d17". Number 0 names nothing.
template <char Letter>
struct Id {
    int number = 0;
    auto operator<=>(const Id&) const = default;
    [[nodiscard]] explicit operator bool() const { return number != 0; }
};

using PlaceId = Id<'p'>;
using PanelId = Id<'n'>;
using ListenerId = Id<'e'>;
using PartId = Id<'t'>;
using DeviceId = Id<'d'>;
using WireId = Id<'w'>;
using AlterationId = Id<'a'>;
using StageId = Id<'s'>;
using ReadingId = Id<'r'>;
using SurfaceId = Id<'z'>;
using CurveId = Id<'c'>;

}  // namespace core
