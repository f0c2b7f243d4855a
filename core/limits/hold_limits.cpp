#include "core/limits/hold_limits.h"

#include <algorithm>
#include <tuple>

#include "core/base/threshold.h"
#include "core/model/names.h"
#include "core/physics/fixing.h"

namespace core {
namespace {

// Where the sun reaches: up on the dash and the deck, and anywhere on a vehicle without a cabin.
bool inSun(const Body& body, PlaceKind kind, const Practice& practice)
{
    return !practice.bodies.at(std::string(textOf(body.kind))).cabin || kind == PlaceKind::DashTop ||
           kind == PlaceKind::RearDeck;
}

// Its face looks down: all its weight pulls.
bool hangs(const Place& place)
{
    constexpr double kDown = -0.5;  // of a unit: more than 30 degrees under level
    return place.frame.facing.z < kDown;
}

}  // namespace

std::optional<PracticeKey> screwHoldKey(Anchor anchor)
{
    switch (anchor) {
        case Anchor::Metal:
        case Anchor::CaptiveNut:
        case Anchor::Rivet:
            return PracticeKey::ScrewHoldMetal_n;
        case Anchor::Plastic:
            return PracticeKey::ScrewHoldPlastic_n;
        case Anchor::Wood:
            return PracticeKey::ScrewHoldWood_n;
        case Anchor::Unknown:
            return std::nullopt;
    }
    return std::nullopt;
}

AdhesiveMost adhesiveMost(const Body& body, const Place& place, const Practice& practice)
{
    const PracticeKey key =
        inSun(body, place.kind, practice) ? PracticeKey::AdhesiveSunStop_kg : PracticeKey::AdhesiveStop_kg;
    const double usual_ratio = practice.uses.at(std::string(textOf(Use::FamilyCar))).shock_ratio;
    const double calm = std::min(1.0, usual_ratio / practice[PracticeKey::Shock_ratio]);
    return {practice[key] * calm * (hangs(place) ? practice[PracticeKey::AdhesiveHanging_ratio] : 1.0), key};
}

std::optional<Verdict> adhesiveLimit(const Body& body, const Place& place, const Mount& mount, const DriverFit& fit,
                                     const Practice& practice)
{
    if (mount.fixing != Fixing::Adhesive) return std::nullopt;
    const Known& mass = fit.body.at(Quantity::Mass_kg);
    const AdhesiveMost most = adhesiveMost(body, place, practice);
    const bool isStop = over(mass.value, most.mass_kg);
    if (!isStop && !over(mass.value, practice[PracticeKey::AdhesiveCare_kg])) return std::nullopt;
    const PracticeKey key = isStop ? most.key : PracticeKey::AdhesiveCare_kg;
    return Verdict{RuleId::HeavyOnAdhesive,
                   isStop ? Severity::Stop : Severity::Care,
                   Quantity::Mass_kg,
                   {mass.value, mass.basis.origin, {}},
                   isStop ? most.mass_kg : practice[key],
                   key};
}

std::vector<HeldBy> waysToHold(const Body& body, const Place& place, const DriverFit& fit, const Practice& practice)
{
    const double mass_kg = fit.body.at(Quantity::Mass_kg).value;
    const double metal_n = practice[PracticeKey::ScrewHoldMetal_n];
    const int count = fit.screwCount > 0 ? fit.screwCount : static_cast<int>(practice[PracticeKey::LeastHoles_count]);
    const double spread_n = forcePerFixing_n(mass_kg, practice[PracticeKey::Shock_ratio], count);
    std::vector<HeldBy> ways{{Fixing::Clip, true, mass_kg, practice[PracticeKey::ClipMost_kg]},
                             {Fixing::Bracket, true, spread_n, metal_n},
                             {Fixing::Ring, true, spread_n, metal_n},
                             {Fixing::Adhesive, false, mass_kg, adhesiveMost(body, place, practice).mass_kg}};
    if (const auto key = screwHoldKey(place.anchor); key && fit.fixing_n)
        ways.push_back({Fixing::Screws, fit.screws && fit.screws->matched > 0, fit.fixing_n->value, practice[*key]});
    const double wanted = practice[PracticeKey::HoldMargin_ratio];
    std::stable_sort(ways.begin(), ways.end(), [&](const HeldBy& a, const HeldBy& b) {
        const auto rank = [&](const HeldBy& way) {
            return std::tuple(under(way.margin_ratio(), wanted), !way.comesOff, -way.margin_ratio());
        };
        return rank(a) < rank(b);
    });
    return ways;
}

}  // namespace core
