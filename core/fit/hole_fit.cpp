#include "core/fit/hole_fit.h"

#include <algorithm>
#include <cmath>

#include "core/fit/screw_holes.h"
#include "core/fitout/complete.h"

namespace core {
namespace {

double screwRadius_m(const Figures& body)
{
    return 0.5 * valueOf(body, Quantity::ScrewHole_m).value_or(kUsualScrewHole_m);
}

double boltCircle_m(const ScrewPattern& pattern)
{
    return 2.0 * std::hypot(pattern.holes.front().u_m, pattern.holes.front().v_m);
}

// The opening as it is, or as it is planned to be cut; nothing where nobody knows it.
std::optional<Oval> openingThere(const FitQuestion& question)
{
    const Figures* opening = &question.place.room;
    if (const Alteration* hole = question.done(AlterationKind::Hole)) opening = &hole->figures;
    if (question.spacer && question.spacer->figures.contains(Quantity::Cutout_m)) opening = &question.spacer->figures;
    if (!opening->contains(Quantity::Cutout_m)) return std::nullopt;
    return ovalOf(*opening, Quantity::Cutout_m, Quantity::CutoutShort_m);
}

// An oval in an opening, or a round body in an oval one: nothing that a round saw or ring could mend.
HoleFit ovalHoleFit(const Figures& figures, const std::optional<Oval>& opening, const Practice& practice)
{
    const double room_m = practice[PracticeKey::OvalRoom_m], covered_m = practice[PracticeKey::OvalCovered_m];
    const Oval body = ovalOf(figures, Quantity::Basket_m, Quantity::BasketShort_m);
    const Oval flange = ovalOf(figures, Quantity::Flange_m, Quantity::FlangeShort_m);
    HoleFit fit{.limits = {.least_m = 2.0 * (body.long_m + room_m),
                           .wanted_m = 2.0 * (body.long_m + room_m),
                           .most_m = 2.0 * (flange.long_m - covered_m)}};
    fit.plan = {std::nullopt, fit.limits.wanted_m};
    fit.worst = worstOrigin(figures, {Quantity::Basket_m, Quantity::BasketShort_m, Quantity::Flange_m});
    fit.ovalCut = Oval{body.long_m + room_m, body.short_m + room_m};
    if (!opening) return fit;
    fit.there_m = 2.0 * opening->long_m;
    fit.cut = !passes(body, *opening);
    bool metal = true;
    if (const auto pattern = patternOf(figures))
        for (const ScrewHole& hole : pattern->holes)
            metal = metal && metalTo_m(*opening, hole.u_m, hole.v_m) >=
                                 screwRadius_m(figures) + practice[PracticeKey::OvalMetal_m] - 1e-9;
    fit.ring = !fit.cut && (overlap_m(*opening, flange) < covered_m - 1e-9 || !metal);
    return fit;
}

struct HoleThere {
    std::optional<double> across_m{};
    Origin worst = Origin::Measured;
};

HoleThere holeThere(const FitQuestion& question)
{
    HoleThere there{valueOf(question.place.room, Quantity::Cutout_m)};
    if (!there.across_m && question.usualHole) there = {question.usualHole->value, question.usualHole->basis.origin};
    if (const Alteration* hole = question.done(AlterationKind::Hole))
        if (const auto cut = valueOf(hole->figures, Quantity::Cutout_m)) there.across_m = cut;
    if (question.spacer)
        if (const auto inside = valueOf(question.spacer->figures, Quantity::Cutout_m)) there.across_m = inside;
    return there;
}

void addRing(HoleFit& fit, const DriverHole& driver, const Figures& room, const Practice& practice)
{
    OldOpening old{.cutout_m = *fit.there_m};
    if (const auto pattern = patternOf(room)) old.boltCircle_m = boltCircle_m(*pattern);
    if (const auto hole = valueOf(room, Quantity::ScrewHole_m)) old.screwHole_m = *hole;
    const auto ring = adapterRing(driver, fit.plan.cut_m, old, practice[PracticeKey::RingSheet_m]);
    if (!ring) return;
    fit.ringInside_m = ring->value.inside_m;
    fit.ringOutside_m = ring->value.outside_m;
}

}  // namespace

Oval ovalOf(const Figures& figures, Quantity across, Quantity shortWay)
{
    const double long_m = figures.at(across).value;
    return {0.5 * long_m, 0.5 * std::min(long_m, valueOf(figures, shortWay).value_or(long_m))};
}

std::optional<HoleFit> holeFit(const FitQuestion& question, const Figures& body, const Practice& practice)
{
    const auto opening = openingThere(question);
    if (body.contains(Quantity::BasketShort_m) || (opening && opening->short_m < opening->long_m))
        return ovalHoleFit(body, opening, practice);
    DriverHole driver{.basket_m = body.at(Quantity::Basket_m).value, .flange_m = body.at(Quantity::Flange_m).value};
    if (const auto circle = patternOf(body)) driver.boltCircle_m = boltCircle_m(*circle);
    if (const auto hole = valueOf(body, Quantity::ScrewHole_m)) driver.screwHole_m = *hole;
    const auto limits = cutoutLimits(driver);
    if (!limits) return std::nullopt;
    const HoleThere there = holeThere(question);
    HoleFit fit{.limits = limits->value,
                .plan = planCutout(limits->value, practice[PracticeList::HoleSaw_m]),
                .worst = std::max(worstOrigin(body, {Quantity::Basket_m, Quantity::Flange_m}), there.worst),
                .there_m = there.across_m};
    if (!fit.there_m) return fit;
    fit.ring = needsRing(fit.limits, *fit.there_m);
    fit.cut = *fit.there_m < fit.limits.least_m - 1e-9;
    if (fit.ring) addRing(fit, driver, question.place.room, practice);
    return fit;
}

}  // namespace core
