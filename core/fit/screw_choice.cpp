#include "core/fit/screw_choice.h"

#include <algorithm>

#include "core/practice/practice_shapes.h"

namespace core {
namespace {

double acrossOf(Anchor anchor, const Practice& practice)
{
    switch (anchor) {
        case Anchor::CaptiveNut:
            return practice[PracticeKey::MachineScrew_m];
        case Anchor::Rivet:
            return practice[PracticeKey::Rivet_m];
        case Anchor::Unknown:
        case Anchor::Metal:
        case Anchor::Plastic:
        case Anchor::Wood:
            return practice[PracticeKey::Screw_m];
    }
    return practice[PracticeKey::Screw_m];
}

// Those that meet the vehicle's holes, else all that it has.
int countOf(const DriverFit& fit)
{
    if (fit.screws && fit.screws->matched > 0) return fit.screws->matched;
    return fit.screwCount > 0 ? fit.screwCount : kUsualScrews;
}

}  // namespace

double fastenerDrill_m(const Place& place, const Practice& practice)
{
    const double across_m = acrossOf(place.anchor, practice);
    if (place.anchor == Anchor::Rivet) return rivetDrill_m(across_m);
    // A new fixing between captive nuts takes a rivet nut, or a tapped hole where none is made in its size.
    if (place.anchor == Anchor::CaptiveNut)
        return rivetNutDrill_m(across_m).value_or(tapDrill_m(across_m).value_or(across_m));
    const Bites bites = place.anchor == Anchor::Plastic ? Bites::Plastic
                        : place.anchor == Anchor::Wood  ? Bites::Wood
                                                        : Bites::Sheet;
    return pilotDrill_m(across_m, bites, valueOf(place.room, Quantity::Sheet_m), pilotPractice(practice));
}

ScrewChoice screwChoice(const Place& place, const Mount& planned, const Mount& found, const DriverFit& fit,
                        const Practice& practice)
{
    ScrewChoice screws{.anchor = place.anchor,
                       .across_m = acrossOf(place.anchor, practice),
                       .length_m = valueOf(planned.figures, Quantity::ScrewLength_m),
                       .old_m = valueOf(found.figures, Quantity::ScrewLength_m),
                       .count = countOf(fit),
                       .drill_m = fastenerDrill_m(place, practice)};
    // What was found is no choice: it has to hold what is there now.
    const auto needed_m = neededScrew_m(practice, place, fit);
    if (!screws.length_m || screws.length_m == screws.old_m) screws.length_m = needed_m;
    const double least_m = screwGrip_m(place, fit) + practice[PracticeKey::ScrewBite_m];
    constexpr double kSlack_m = 1e-9;
    if (screws.old_m && *screws.old_m < least_m - kSlack_m) screws.tooShort_m = least_m - *screws.old_m;
    if (screws.old_m && screws.tooShort_m == 0.0) screws.length_m = screws.old_m;
    return screws;
}

namespace {

std::optional<double> shortestSold_m(double least_m, const Practice& practice)
{
    const std::vector<double>& sold_m = practice[PracticeList::ScrewLength_m];
    const auto found =
        std::find_if(sold_m.begin(), sold_m.end(), [&](double one_m) { return one_m >= least_m - 1e-9; });
    return found == sold_m.end() ? std::nullopt : std::optional(*found);
}

}  // namespace

ScrewChoice screwsThrough(Anchor anchor, double grip_m, int count, const Practice& practice)
{
    const Place place{.anchor = anchor};
    return {.anchor = anchor,
            .across_m = acrossOf(anchor, practice),
            .length_m = shortestSold_m(grip_m + practice[PracticeKey::ScrewBite_m], practice),
            .count = count,
            .drill_m = fastenerDrill_m(place, practice)};
}

double screwGrip_m(const Place& place, const DriverFit& fit)
{
    return fit.body.at(Quantity::FlangeThickness_m).value + fit.spacer_m + fit.stump_m +
           valueOf(place.room, Quantity::Sheet_m).value_or(0.0);
}

std::optional<double> neededScrew_m(const Practice& practice, const Place& place, const DriverFit& fit)
{
    return shortestSold_m(screwGrip_m(place, fit) + practice[PracticeKey::ScrewBite_m], practice);
}

std::optional<double> shorterScrew_m(const Practice& practice, const Place& place, const Mount& mount,
                                     const DriverFit& fit)
{
    const auto room = valueOf(place.room, Quantity::ScrewRoom_m);
    const auto now = valueOf(mount.figures, Quantity::ScrewLength_m);
    if (!room) return std::nullopt;
    const double through_m = screwGrip_m(place, fit);
    std::optional<double> best;
    for (const double length_m : practice[PracticeList::ScrewLength_m])
        if (length_m >= through_m + practice[PracticeKey::ScrewBite_m] &&
            length_m - through_m <= *room - fit.wantedDepth_m && (!now || length_m < *now))
            best = length_m;
    return best;
}

}  // namespace core
