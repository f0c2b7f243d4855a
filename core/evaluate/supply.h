#pragma once

#include <optional>
#include <string>

#include "core/model/evaluation.h"
#include "core/model/part.h"
#include "core/model/plan.h"
#include "core/practice/practice.h"

namespace core {

// Terminals of the supply: a fuse goes from one to the other, and its cable ends at the source's.
inline const std::string kFuseIn = "in", kFuseOut = "out", kSupplyTerminal = "supply";

// How far from the battery, along the cable, a fuse may sit. Source: common practice, no source.
inline constexpr double kFuseWithin_m = 0.450;

// The way from the battery to a source as far as somebody noted or planned it: a fuse, and the cable from there on.
struct Supply {
    DeviceId fuse{};  // none: nobody has noted one
    WireId cable{};
    std::optional<double> fuse_a{}, area_m2{}, length_m{};
    std::optional<double> draw_a{};      // all channels with programme that just touches clip; none: rating not known
    std::optional<double> ampacity_a{};  // of the cable at least, its insulation not known
    std::optional<double> drop_v{};      // in the plus cable at that draw
};
// A stage whose kind nobody knows is taken for class AB, which draws most.
// source  physics of efficiency, conductors and ampacity by their own headers
[[nodiscard]] Supply supplyOf(const Fitout& fitout, DeviceId source, const Practice& practice);

// The smallest fuse of any kind that carries what a source draws and protects its cable, or any cable where its
// cross-section is not known; nothing where there is none, or nobody knows what it draws.
[[nodiscard]] std::optional<double> fuseFor_a(const Supply& supply, const Practice& practice);
// The thinnest gauge of the ampacity table that a fuse protects, its insulation taken for what one is that nobody
// knows.
[[nodiscard]] std::optional<double> cableFor_m2(double fuse_a, const Practice& practice);

}  // namespace core
