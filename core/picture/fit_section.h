#pragma once

#include <vector>

#include "core/model/driver_fit.h"
#include "core/model/part.h"
#include "core/model/vehicle.h"
#include "core/model/wiring.h"

namespace core {

// A driver in its place cut through the middle, as a fitter would sketch it: lengths along its axis from the mounting
// face, ahead of it negative, behind it positive; and outwards from the axis. Metres.
struct SectionPiece {
    enum class What { Panel, Spacer, Flange, Basket, Magnet, Surround, Travel, Screw, Cover, Behind, GlassUp };
    What what{};
    double from_m = 0.0, to_m = 0.0;      // along the axis
    double inner_m = 0.0, outer_m = 0.0;  // outwards; where it narrows, inner is the radius at `to`
};

// A distance to be read on the drawing, between two of those lengths.
struct SectionMeasure {
    Quantity what{};
    double from_m = 0.0, to_m = 0.0;
    Computed figure{};
    std::optional<double> wanted_m{};  // less is too little
};

struct FitSection {
    std::vector<SectionPiece> pieces{};
    std::vector<SectionMeasure> measures{};
    double front_m = 0.0, back_m = 0.0;  // how far it reaches both ways
    double radius_m = 0.0;
};

[[nodiscard]] FitSection fitSection(const Place& place, const Mount& mount, const DriverFit& fit);

}  // namespace core
