#pragma once

#include "core/model/driver_aim.h"
#include "core/limits/verdict.h"

namespace core {

// WaysApart: how much longer the way of the higher driver is, its delay counted as way, against half a wave at the
// hand-over.
[[nodiscard]] std::optional<Verdict> waysApartLimit(double longer_m, double handOver_hz, Origin worst);
// OffAxis: of a driver that plays up there at all.
[[nodiscard]] std::optional<Verdict> offAxisLimit(const DriverAim& aim, const SeatAim& seat, Origin worst,
                                                  const Practice& practice);
[[nodiscard]] std::optional<Verdict> notchLimit(const SeatAim& seat, Origin worst, const Practice& practice);
[[nodiscard]] std::optional<Verdict> inTheWayLimit(const SeatAim& seat, Origin worst, const Practice& practice);
// SidesApart: the time where it is too much, else the level.
[[nodiscard]] std::optional<Verdict> sidesApartLimit(const SidesAim& sides, Origin worst, const Practice& practice);
// NotMirrored: the distance where it is too much, else the angle.
[[nodiscard]] std::optional<Verdict> mirrorLimit(const Frame& one, const Frame& other, const Practice& practice);
[[nodiscard]] std::optional<Verdict> imageLimit(double shift, Origin worst, const Practice& practice);

// How deep a driver reaches behind a face when a cup turns it out of the face's own direction.
struct CupBody {
    double depth_m = 0.0, body_m = 0.0, flange_m = 0.0;  // behind the flange; across both
};
// depth cos a - (flange - body)/2 sin a: the body's lowest corner, with the flange's low edge in the face.
// source  geometry;  requires angle_rad 0 to pi/2
[[nodiscard]] double cupRoom_m(const CupBody& body, double angle_rad);

}  // namespace core
