#pragma once

#include <optional>
#include <variant>

#include "core/model/evaluation.h"

namespace core {

// Whose head is at the wheel, and whose beside it; where nobody said, a quarter of the width off the middle.
[[nodiscard]] double driverY_m(const Fitout& fitout);

// The restraint that may unfold where a driver of a place of this kind stands at this point, cleared or not. By the
// kind of place and where it lies: what really is there, the vehicle maker's data says.
// source  common practice, no source
[[nodiscard]] std::optional<RestraintZone> restraintAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m,
                                                       const Practice& practice);

// Before the dials, or in the driver's view of the road.
struct InSight {
    bool operator==(const InSight&) const = default;
};
using Closed = std::variant<RestraintZone, InSight>;
// Why nothing may be put there; nothing: it may.
[[nodiscard]] std::optional<Closed> closedAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m,
                                             const Practice& practice);
// The same of it and its mirrored spot: where one may not be, neither of a pair is put.
[[nodiscard]] std::optional<Closed> pairClosedAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m,
                                                 const Practice& practice);

}  // namespace core
