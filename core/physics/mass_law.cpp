#include "core/physics/mass_law.h"

#include <cassert>

#include "core/physics/level.h"

namespace core {

double massLawGain_db(double skin_kg_m2, double added_kg_m2)
{
    assert(skin_kg_m2 > 0.0 && added_kg_m2 >= 0.0);
    return decibels(1.0 + added_kg_m2 / skin_kg_m2);
}

}  // namespace core
