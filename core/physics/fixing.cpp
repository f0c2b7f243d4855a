#include "core/physics/fixing.h"

#include <cassert>
#include <cmath>

namespace core {

double forcePerFixing_n(double mass_kg, double shock_g, int fixings)
{
    assert(fixings > 0);
    return mass_kg * shock_g * kGravity_m_s2 / fixings;
}

double screwProtrusion_m(const ScrewStack& stack)
{
    return stack.length_m - stack.flange_m - stack.spacer_m - stack.sheet_m;
}

double pilotDrill_m(double screw_m, double share)
{
    constexpr double kStep_m = 1e-4;
    return std::round(screw_m * share / kStep_m) * kStep_m;
}

}  // namespace core
