#pragma once

#include "core/fit/screw_choice.h"
#include "core/fit/spacer_outline.h"
#include "core/job/place_work.h"
#include "core/job/step_list.h"

namespace core {

// What one driver's place, mount and holds ask of the hands.
struct FitAt {
    DeviceId driver{};
    const Fitout& from;
    const Fitout& to;
    const Place& place;
    Mount mount{};
    const DriverFit& fit;
    const Practice& practice;
    std::optional<SpacerOutline> outline{};  // of a spacer that somebody makes
};
using FitsAt = std::map<DeviceId, FitAt>;
// Every driver that goes in at a place.
[[nodiscard]] FitsAt fitsAt(const JobWork& work, const Fitout& from, const StageResult& goal, const Practice& practice);

// At the bench: a spacer or ring that somebody makes, with its holes and the notch for the cable.
void addSpacerMaking(StepList& steps, const FitAt& at);
// On the vehicle: the spacer, ring or bracket, which way up, by whose screws.
void addSpacerFitting(StepList& steps, const FitAt& at);
// The driver itself, by what holds it; adhesive has to set.
void addDriverFitting(StepList& steps, const FitAt& at);

// The screws that hold it, where it is screwed at all.
[[nodiscard]] std::optional<ScrewChoice> screwsAt(const FitAt& at);
// Those that hold its spacer, ring or bracket to the vehicle, where it has its own.
[[nodiscard]] std::optional<ScrewChoice> spacerScrewsAt(const FitAt& at);
// What turns fasteners of this kind and size, as they were noted.
[[nodiscard]] std::vector<ToolUse> toolsFor(const std::vector<Fastener>& fasteners);

}  // namespace core
