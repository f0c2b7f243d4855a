#include "core/fit/screw_fit.h"

#include <algorithm>
#include <cmath>

#include "core/base/angle.h"
#include "core/fit/choose_turn.h"
#include "core/fit/hole_fit.h"
#include "core/fit/screw_holes.h"
#include "core/physics/fixing.h"

namespace core {
namespace {

// The hole farthest out, against the flange.
void addReach(ScrewFit& fit, const Figures& body, const ScrewPattern& pattern)
{
    const Oval flange = ovalOf(body, Quantity::Flange_m, Quantity::FlangeShort_m);
    const double radius_m = 0.5 * valueOf(body, Quantity::ScrewHole_m).value_or(kUsualScrewHole_m);
    fit.screwReach = 0.0;
    for (const ScrewHole& hole : pattern.holes) {
        fit.screwReach = std::max(*fit.screwReach, screwReach(flange, hole.u_m, hole.v_m, radius_m));
        fit.screwsAcross_m = std::max(fit.screwsAcross_m, 2.0 * std::hypot(hole.u_m, hole.v_m));
    }
}

// The holes that the driver meets: the spacer's, where it has some, else the vehicle's.
std::optional<ScrewPattern> holesThere(const FitQuestion& question)
{
    auto there = question.spacer ? patternOf(question.spacer->figures) : std::nullopt;
    return there ? there : patternOf(question.place.room);
}

TurnQuestion turnQuestion(const FitQuestion& question, const Figures& body, const Practice& practice)
{
    return {.terminal_deg = valueOf(body, Quantity::Terminal_deg),
            .badge_deg = valueOf(body, Quantity::Badge_deg),
            .wireExit_deg = valueOf(question.place.room, Quantity::WireExit_deg),
            .glassSide_deg = valueOf(question.place.room, Quantity::GlassSide_deg),
            .within = {.down_deg = practice[PracticeKey::TurnDown_deg],
                       .wire_deg = practice[PracticeKey::TurnWire_deg],
                       .glass_deg = practice[PracticeKey::TurnGlass_deg],
                       .badge_deg = practice[PracticeKey::TurnBadge_deg]}};
}

// Every screw has its hole: drilled where the driver sits, or in a ring that is made for it.
bool holesAreMade(const FitQuestion& question)
{
    return question.done(AlterationKind::ScrewHoles) ||
           (question.spacer && isMade(*question.spacer) && !patternOf(question.spacer->figures));
}

}  // namespace

BracketFit bracketFit(const FitQuestion& question, const Practice& practice)
{
    BracketFit fit;
    if (!question.spacer) return fit;
    const auto outer = outerPatternOf(question.spacer->figures), tabs = tabPatternOf(question.spacer->figures);
    if (!outer) return fit;
    fit.bracketCount = static_cast<int>(outer->holes.size());
    if (question.done(AlterationKind::ScrewHoles)) {
        fit.bracket = PatternMatch{.matched = fit.bracketCount};
        return fit;
    }
    const auto vehicle = patternOf(question.place.room);
    if (!vehicle) return fit;
    const double tolerance_m = practice[PracticeKey::HoleTolerance_m];
    fit.bracket = matchPatterns(*outer, *vehicle, tolerance_m);
    fit.bracketTabsOff = tabs.has_value();
    if (!tabs) return fit;
    const PatternMatch byTabs = matchPatterns(*tabs, *vehicle, tolerance_m);
    if (byTabs.matched <= fit.bracket->matched) return fit;
    return {byTabs, static_cast<int>(tabs->holes.size()), false};
}

ScrewFit screwFit(const FitQuestion& question, const Figures& body, const Practice& practice)
{
    ScrewFit fit;
    const auto own = patternOf(body), tabs = tabPatternOf(body);
    if (own) addReach(fit, body, *own);
    const bool tabsOn = tabs && valueOf(question.mount.figures, Quantity::TabsOff).value_or(0.0) == 0.0;
    const auto& driver = tabsOn ? tabs : own;
    if (driver) fit.screwCount = static_cast<int>(driver->holes.size());
    const auto there = holesThere(question);
    const double tolerance_m = practice[PracticeKey::HoleTolerance_m];
    if (tabsOn && own && there) fit.withoutTabs = matchPatterns(*own, *there, tolerance_m);
    TurnQuestion turn = turnQuestion(question, body, practice);
    if (driver && there) {
        fit.screws = matchPatterns(*driver, *there, tolerance_m);
        const int least = std::min<int>(static_cast<int>(practice[PracticeKey::LeastHoles_count]), fit.screwCount);
        if (fit.screws->matched >= least)
            for (const double turn_rad : fit.screws->alsoGood_rad) turn.turns_deg.push_back(turn_rad / kDegree_rad);
    }
    if (turn.terminal_deg || turn.badge_deg || !turn.turns_deg.empty()) fit.turn = chooseTurn(turn);
    if (driver && holesAreMade(question)) {
        fit.screws = PatternMatch{.matched = fit.screwCount};
        return fit;
    }
    if (!fit.screws) return fit;
    // A turn counts for the screws where somebody decided it, or where they allow some and one was chosen.
    if (question.mount.turn_deg)
        fit.screws = matchAt(*driver, *there, *question.mount.turn_deg * kDegree_rad, tolerance_m);
    else if (!turn.turns_deg.empty())
        fit.screws = matchAt(*driver, *there, fit.turn->turn_deg * kDegree_rad, tolerance_m);
    return fit;
}

std::optional<Computed> fixingForce_n(const ScrewFit& screws, const Figures& body, const Practice& practice)
{
    const int count = screws.screws ? std::max(1, screws.screws->matched) : screws.screwCount;
    if (count == 0) return std::nullopt;
    const Known& mass = body.at(Quantity::Mass_kg);
    return Computed{forcePerFixing_n(mass.value, practice[PracticeKey::Shock_ratio], count), mass.basis.origin, {}};
}

}  // namespace core
