#include "core/physics/box_volume.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <numbers>

namespace core {
namespace {

double cylinder_m3(double diameter_m, double length_m)
{
    return std::numbers::pi / 4.0 * diameter_m * diameter_m * length_m;
}

}  // namespace

double driverDisplacement_m3(double share, double mountDiameter_m, double depth_m)
{
    return share * cylinder_m3(mountDiameter_m, depth_m);
}

double portDisplacement_m3(double diameter_m, double wall_m, double length_m, double panel_m)
{
    assert(length_m >= panel_m);
    return cylinder_m3(diameter_m + 2.0 * wall_m, length_m - panel_m);
}

Outcome<double> effectiveVolume_m3(double gross_m3, double taken_m3, double fillGain)
{
    if (!(fillGain >= 0.0 && fillGain <= kIsothermalGain - 1.0))
        return refuse(ErrorCode::OutOfDomain, "fillGain", fillGain, "0 to 0.4");
    if (!(gross_m3 > taken_m3))
        return refuse(ErrorCode::Inconsistent, "gross_m3", gross_m3, "more than what driver, port and braces take");
    return Answer<double>{(gross_m3 - taken_m3) * (1.0 + fillGain), {}};
}

double downFiringGap_m(double sd_m2, double xmax_m, double surround_m)
{
    constexpr double kSpare_m = 0.01;
    return std::max(0.5 * std::sqrt(sd_m2 / std::numbers::pi), xmax_m + surround_m + kSpare_m);
}

}  // namespace core
