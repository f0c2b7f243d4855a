#include "core/fitout/lining.h"

#include <algorithm>
#include <cmath>

#include "core/fitout/resolve.h"
#include "core/physics/mass_law.h"

namespace core {
namespace {

// Doors and sides are sheets of the body; what a place of its own is made of is smaller.
bool hasBodySkin(PlaceKind kind)
{
    return kind == PlaceKind::Door || kind == PlaceKind::Quarter || kind == PlaceKind::RearDeck ||
           kind == PlaceKind::CargoSide;
}

bool isPlastic(PlaceKind kind)
{
    return kind == PlaceKind::Fairing || kind == PlaceKind::BagLid;
}

Lining liningOf(const Alteration& one, const Fitout& fitout, const Skin& skin)
{
    Lining lining{.what = one.what, .material = one.material};
    lining.covered_m2 = valueOf(one.figures, Quantity::Covered_m2).value_or(0.0);
    lining.layers = static_cast<int>(std::lround(valueOf(one.figures, Quantity::Layers).value_or(1.0)));
    lining.share = lining.covered_m2 * lining.layers / skin.whole_m2;
    if (const auto material = fitout.parts.find(one.material); material != fitout.parts.end())
        lining.sheet_kg_m2 = valueOf(material->second.figures, Quantity::AreaMass_kg_m2).value_or(0.0);
    lining.mass_kg = lining.covered_m2 * lining.layers * lining.sheet_kg_m2;
    return lining;
}

}  // namespace

bool hasSkin(PlaceKind kind)
{
    return hasBodySkin(kind) || isPlastic(kind) || kind == PlaceKind::KickPanel || kind == PlaceKind::UnderSeat ||
           kind == PlaceKind::Overhead;
}

Skin skinOf(const Place& place, const Practice& practice)
{
    Skin skin;
    const bool plastic = isPlastic(place.kind);
    const auto area_m2 = valueOf(place.room, Quantity::Skin_m2);
    skin.measured = area_m2.has_value();
    skin.whole_m2 =
        area_m2.value_or(practice[hasBodySkin(place.kind) ? PracticeKey::BodySkin_m2 : PracticeKey::SmallSkin_m2]);
    skin.free_m2 = std::max(0.0, skin.whole_m2 - valueOf(place.room, Quantity::KeptClear_m2).value_or(0.0));
    skin.mass_kg_m2 = valueOf(place.room, Quantity::SkinSheet_m)
                          .value_or(practice[plastic ? PracticeKey::PlasticSkin_m : PracticeKey::SteelSkin_m]) *
                      (plastic ? kPlastic_kg_m3 : kSteel_kg_m3);
    return skin;
}

LiningAt liningAt(const Fitout& fitout, PlaceId place, const Practice& practice)
{
    LiningAt at{.skin = skinOf(fitout.places.at(place), practice)};
    for (const AlterationKind what : kLinings)
        for (const auto& [id, one] : fitout.alterations)
            if (one.place == place && one.what == what) at.linings.push_back(liningOf(one, fitout, at.skin));
    for (const Lining& one : at.linings) at.mass_kg += one.mass_kg;
    at.gain_db = massLawGain_db(at.skin.mass_kg_m2, at.mass_kg / at.skin.whole_m2);
    return at;
}

LiningWanted coverOf(const Skin& skin, const Part& material, double share)
{
    constexpr double kAllOfIt = 1.0 + 1e-9;
    const int layers = share > kAllOfIt ? 2 : 1;
    const double least_m2 = row(Quantity::Covered_m2).least;
    return {material, std::max(least_m2, std::min(share / layers * skin.whole_m2, skin.free_m2)), layers};
}

double usualCover(AlterationKind what, const Practice& practice)
{
    return what == AlterationKind::Mat ? practice[PracticeKey::UsualCover_ratio] : 1.0;
}

std::optional<LiningWanted> liningThere(const Fitout& fitout, PlaceId place, AlterationKind what,
                                        const Practice& practice)
{
    const Alteration* there = alterationAt(fitout, place, what);
    const auto material = there ? fitout.parts.find(there->material) : fitout.parts.end();
    if (material == fitout.parts.end()) return std::nullopt;
    LiningWanted wanted =
        coverOf(skinOf(fitout.places.at(place), practice), material->second, usualCover(what, practice));
    wanted.covered_m2 = valueOf(there->figures, Quantity::Covered_m2).value_or(wanted.covered_m2);
    wanted.layers = static_cast<int>(std::lround(valueOf(there->figures, Quantity::Layers).value_or(1.0)));
    return wanted;
}

int sheetsFor(const Part& material, double covered_m2, const Practice& practice)
{
    constexpr double kSlack = 1e-9;  // a sheet that is just used up is one
    const double sheet_m2 =
        valueOf(material.figures, Quantity::SheetArea_m2).value_or(practice[PracticeKey::MatSheet_m2]);
    const double needed_m2 = covered_m2 * (1.0 + practice[PracticeKey::MatOffcut_ratio]);
    return static_cast<int>(std::ceil(needed_m2 / sheet_m2 - kSlack));
}

}  // namespace core
