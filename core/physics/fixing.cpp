#include "core/physics/fixing.h"

#include <cassert>

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

}  // namespace core
