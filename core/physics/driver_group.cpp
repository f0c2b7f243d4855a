#include "core/physics/driver_group.h"

#include <cassert>

#include "core/physics/level.h"

namespace core {

DriverParameters groupAsOne(const DriverParameters& one, const DriverGroup& group)
{
    assert(group.cones >= 1);
    const double coils = group.coils();
    const double electrical = group.wiring == CoilWiring::Series ? coils : 1.0 / coils;
    DriverParameters all = one;
    all.sd_m2 *= group.cones;
    all.vas_m3 *= group.cones * (group.isobaric ? 0.5 : 1.0);
    all.re_ohm *= electrical;
    all.le_h *= electrical;
    all.nominal_ohm *= electrical;
    all.power_w *= coils;
    return all;
}

double groupLevel_db(const DriverGroup& group)
{
    return decibels(group.cones / (group.wiring == CoilWiring::Series ? group.coils() : 1.0));
}

}  // namespace core
