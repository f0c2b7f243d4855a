#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/base/outcome.h"

namespace core {

// The hole for a driver in a flat panel.      source  geometry, workshop practice

inline constexpr double kUsualScrewHole_m = 0.0045;  // for a 4.2 mm screw; common practice, no source

// Of a driver: its body behind the flange, and the metal that its screws need. All in metres.
struct DriverHole {
    double basket_m = 0.0;                 // widest behind the flange
    double flange_m = 0.0;                 // outside
    std::optional<double> boltCircle_m{};  // not known: the flange alone decides
    double screwHole_m = kUsualScrewHole_m;
};

struct CutoutLimits {
    double least_m = 0.0;   // basket + 1 mm
    double wanted_m = 0.0;  // basket + 2 mm
    double most_m = 0.0;    // min(bolt circle - hole - 4 mm, flange - 8 mm)
};
// errors  NoCutout (least over most: no hole leaves the screws their metal)
[[nodiscard]] Outcome<CutoutLimits> cutoutLimits(const DriverHole& driver);

// How to make it.
struct CutoutPlan {
    std::optional<double> saw_m{};  // smallest saw >= wanted and <= most; none: by a template
    double cut_m = 0.0;             // the saw, or min(wanted, most)
};
// requires saws in rising order
[[nodiscard]] CutoutPlan planCutout(const CutoutLimits& limits, std::span<const double> saws_m);

// One saw for this hole.
struct SawFit {
    enum class Verdict { TooTight, Fits, Shows } verdict{};  // shows: wider than flange and screws allow
    double saw_m = 0.0;
    double play_m = 0.0;  // round the basket, both sides together; negative: it does not go in
};
// The largest that is too tight, all that fit, the smallest that shows.      requires saws in rising order
[[nodiscard]] std::vector<SawFit> sawsFor(const CutoutLimits& limits, double basket_m, std::span<const double> saws_m);

// The drills of a hole that a saw blade goes into: each at most twice as wide as the one before, the last of it.
// requires 0 < first_m;      source  common practice, no source
[[nodiscard]] std::vector<double> drillLadder(double first_m, double last_m);

// An adapter ring where the hole there is wider than the driver's screws allow.
struct AdapterRing {
    double inside_m = 0.0;   // the cut
    double outside_m = 0.0;  // max(old cutout + 16 mm, flange, the vehicle's bolt circle + its hole + 8 mm)
};
// What the vehicle has there.
struct OldOpening {
    double cutout_m = 0.0;
    std::optional<double> boltCircle_m{};  // not known: cutout and flange alone decide
    double screwHole_m = kUsualScrewHole_m;
};
[[nodiscard]] bool needsRing(const CutoutLimits& limits, double oldCutout_m);
// errors  RingTooLarge (wider than the sheets it is cut from)
[[nodiscard]] Outcome<AdapterRing> adapterRing(const DriverHole& driver, double cut_m, const OldOpening& old,
                                               double sheet_m);

}  // namespace core
