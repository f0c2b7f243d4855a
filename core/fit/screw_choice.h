#pragma once

#include "core/model/evaluation.h"
#include "core/physics/pilot_drill.h"

namespace core {

// Of a driver whose holes nobody counted; common practice, no source.
inline constexpr int kUsualScrews = 4;

// The screws, or rivets, that hold a driver by its own holes, as they are bought and drilled for.
struct ScrewChoice {
    Anchor anchor = Anchor::Unknown;
    double across_m = 0.0;             // outer diameter, or the thread
    std::optional<double> length_m{};  // as planned, or the shortest sold that holds; none: no one is long enough
    std::optional<double> old_m{};     // of those that were found, where somebody measured them
    double tooShort_m = 0.0;           // by which the old ones no longer hold
    int count = kUsualScrews;
    double drill_m = 0.0;  // for one where there is no hole yet
    bool operator==(const ScrewChoice&) const = default;
};

// found  how it was mounted before
[[nodiscard]] ScrewChoice screwChoice(const Place& place, const Mount& planned, const Mount& found,
                                      const DriverFit& fit, const Practice& practice);

// Screws through so much, into this; the shortest sold that bite.
[[nodiscard]] ScrewChoice screwsThrough(Anchor anchor, double grip_m, int count, const Practice& practice);

// The drill for a new fastener in what the place's fasteners bite in.
[[nodiscard]] double fastenerDrill_m(const Place& place, const Practice& practice);

// What a screw has to go through before it bites: flange, spacer or what stands up, sheet.
[[nodiscard]] double screwGrip_m(const Place& place, const DriverFit& fit);
// The shortest screw one can buy that goes through all that and bites; nothing: none is long enough.
[[nodiscard]] std::optional<double> neededScrew_m(const Practice& practice, const Place& place, const DriverFit& fit);
// The longest screw one can buy that still bites and whose point stays clear by the wanted margin; nothing: none does.
[[nodiscard]] std::optional<double> shorterScrew_m(const Practice& practice, const Place& place, const Mount& mount,
                                                   const DriverFit& fit);

}  // namespace core
