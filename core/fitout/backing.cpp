#include "core/fitout/backing.h"

#include "core/fitout/surface_under.h"

namespace core {

std::optional<Backing> usualBacking(PlaceKind kind)
{
    switch (kind) {
        case PlaceKind::Door:
        case PlaceKind::RollBar:
        case PlaceKind::RearDeck:
            return Backing::Metal;
        case PlaceKind::Overhead:
            return Backing::Cloth;
        case PlaceKind::Sail:
        case PlaceKind::Pillar:
        case PlaceKind::DashTop:
        case PlaceKind::KickPanel:
        case PlaceKind::Fairing:
        case PlaceKind::BagLid:
        case PlaceKind::Quarter:
        case PlaceKind::CargoSide:
            return Backing::Plastic;
        case PlaceKind::UnderSeat:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            break;
    }
    return std::nullopt;
}

std::optional<Backing> backingAt(const Fitout& fitout, const Place& place)
{
    std::map<SurfaceId, Surface> told = fitout.surfaces;
    std::erase_if(told, [&](const auto& entry) { return !entry.second.mountable || entry.second.kind != place.kind; });
    if (const SurfaceId under = surfaceUnder(told, place.frame.at_m)) return told.at(under).backing;
    switch (place.anchor) {
        case Anchor::Metal:
        case Anchor::CaptiveNut:
        case Anchor::Rivet:
            return Backing::Metal;
        case Anchor::Plastic:
            return Backing::Plastic;
        case Anchor::Wood:
        case Anchor::Unknown:
            break;
    }
    return usualBacking(place.kind);
}

}  // namespace core
