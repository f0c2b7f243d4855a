#pragma once

#include "core/model/driver_fit.h"
#include "core/model/evaluation.h"

namespace core {

// Nothing absent any more of what a driver measures: depth, body behind the flange, flange, surround, magnet, mass and
// travel. Stated values first, then its class.
[[nodiscard]] Figures bodyFigures(const Part& driver, const Practice& practice);

// The screw holes that these figures describe: a count on a circle, or a rectangle; nothing where neither is known.
[[nodiscard]] std::optional<ScrewPattern> patternOf(const Figures& figures);
// The holes by which a bracket takes the vehicle's own, and the holes in tabs that can be broken off.
[[nodiscard]] std::optional<ScrewPattern> outerPatternOf(const Figures& figures);
[[nodiscard]] std::optional<ScrewPattern> tabPatternOf(const Figures& figures);

// How this driver would stand at this place.
struct FitQuestion {
    const Part& driver;
    const Place& place;
    const Mount& mount;
    const Part* spacer = nullptr;
    std::vector<const Alteration*> alterations{};  // what was done to the place
    std::optional<Known> usualHole{};              // taken where nobody measured the hole
};
[[nodiscard]] DriverFit fitOf(const FitQuestion& question, const Practice& practice);

using DriverFits = std::map<DeviceId, std::shared_ptr<const DriverFit>>;
// Every driver of a fitout that has a place. known: stages made by the same practice; what one of them has alike is
// taken over.
[[nodiscard]] DriverFits fitsOf(const Fitout& fitout, const Practice& practice,
                                const std::vector<const StageResult*>& known = {});

}  // namespace core
