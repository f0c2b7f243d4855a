#pragma once

namespace core {

// What holds a driver, and how far its screws reach.

inline constexpr double kGravity_m_s2 = 9.81;

// m a g / n: what one of n fixings bears in a shock of a times gravity.      requires n > 0
[[nodiscard]] double forcePerFixing_n(double mass_kg, double shock_g, int fixings);

// How far a screw's point stands out behind the sheet: length - everything that it goes through; negative: it does not
// get through.
struct ScrewStack {
    double length_m = 0.0;  // under the head
    double flange_m = 0.0;  // thickness
    double spacer_m = 0.0;
    double sheet_m = 0.0;  // what it bites in
};
[[nodiscard]] double screwProtrusion_m(const ScrewStack& stack);

}  // namespace core
