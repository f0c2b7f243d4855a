#include "core/physics/cutout.h"

#include <fmt/format.h>

#include <algorithm>
#include <cassert>

#include "core/base/threshold.h"

namespace core {
namespace {

constexpr double kSlack_m = 0.001;          // round the basket at least, and once more where there is room
constexpr double kScrewMetal_m = 0.004;     // between a screw's hole and the edge of the cutout, both sides together
constexpr double kFlangeOverlap_m = 0.008;  // the same of the flange
constexpr double kRingOverlap_m = 0.016;    // a ring's hold on the old hole
constexpr double kRingMetal_m = 0.008;      // round the vehicle's own screws

}  // namespace

Outcome<CutoutLimits> cutoutLimits(const DriverHole& driver)
{
    CutoutLimits limits{driver.basket_m + kSlack_m, driver.basket_m + 2.0 * kSlack_m,
                        driver.flange_m - kFlangeOverlap_m};
    if (driver.boltCircle_m)
        limits.most_m = std::min(limits.most_m, *driver.boltCircle_m - driver.screwHole_m - kScrewMetal_m);
    if (over(limits.least_m, limits.most_m))
        return refuse(ErrorCode::NoCutout, "basket_m", driver.basket_m,
                      fmt::format("at most {:g} m for this flange and its screws", limits.most_m - kSlack_m));
    return Answer<CutoutLimits>{limits, {}};
}

CutoutPlan planCutout(const CutoutLimits& limits, std::span<const double> saws_m)
{
    assert(std::is_sorted(saws_m.begin(), saws_m.end()));
    for (const double saw_m : saws_m)
        if (!under(saw_m, limits.wanted_m) && !over(saw_m, limits.most_m)) return {saw_m, saw_m};
    return {std::nullopt, std::min(limits.wanted_m, limits.most_m)};
}

std::vector<SawFit> sawsFor(const CutoutLimits& limits, double basket_m, std::span<const double> saws_m)
{
    using enum SawFit::Verdict;
    assert(std::is_sorted(saws_m.begin(), saws_m.end()));
    std::vector<SawFit> all;
    for (const double saw_m : saws_m) {
        const bool tight = under(saw_m, limits.least_m), shows = over(saw_m, limits.most_m);
        if (tight) all.clear();
        all.push_back({tight ? TooTight : shows ? Shows : Fits, saw_m, saw_m - basket_m});
        if (shows) break;
    }
    return all;
}

std::vector<double> drillLadder(double first_m, double last_m)
{
    assert(first_m > 0.0);
    std::vector<double> drills{first_m};
    while (under(drills.back(), last_m)) drills.push_back(std::min(2.0 * drills.back(), last_m));
    return drills;
}

bool needsRing(const CutoutLimits& limits, double oldCutout_m)
{
    return over(oldCutout_m, limits.most_m);
}

Outcome<AdapterRing> adapterRing(const DriverHole& driver, double cut_m, const OldOpening& old, double sheet_m)
{
    AdapterRing ring{cut_m, std::max(old.cutout_m + kRingOverlap_m, driver.flange_m)};
    if (old.boltCircle_m) ring.outside_m = std::max(ring.outside_m, *old.boltCircle_m + old.screwHole_m + kRingMetal_m);
    if (over(ring.outside_m, sheet_m))
        return refuse(ErrorCode::RingTooLarge, "outside_m", ring.outside_m, fmt::format("at most {:g} m", sheet_m));
    return Answer<AdapterRing>{ring, {}};
}

}  // namespace core
