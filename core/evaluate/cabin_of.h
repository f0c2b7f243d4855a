#pragma once

#include "core/model/evaluation.h"

namespace core {

// The vehicle as sound meets it: its own surfaces, or else the few that its kind has; its cabin gain, unless it is
// open. Measures that nobody took come from the kind, and say so.
[[nodiscard]] Cabin cabinOf(const Fitout& fitout, const Practice& practice);

// What the kind of vehicle has where the plan names no surface: windscreen, side windows, roof, dash, floor; none for
// an open one.
[[nodiscard]] std::map<SurfaceId, Surface> usualSurfaces(const Body& body, const Practice& practice);

// The list of a material's absorption, octaves from 125 Hz.
[[nodiscard]] PracticeList absorptionOf(SurfaceMaterial material);

// Whether sound from this place comes through the backs of the seats.
[[nodiscard]] bool isBehindSeats(const Body& body, PlaceKind place, const Practice& practice);

}  // namespace core
