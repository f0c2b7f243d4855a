#include "core/design/mount_surfaces.h"

#include <algorithm>
#include <cmath>

#include "core/base/vec3.h"
#include "core/fitout/backing.h"

namespace core {
namespace {

struct Mounting {
    PracticeList size{};
    SurfaceMaterial material = SurfaceMaterial::HardTrim;
};

// Nothing for what nobody mounts on.
std::optional<Mounting> mountingAt(PlaceKind kind)
{
    switch (kind) {
        case PlaceKind::Door:
            return Mounting{PracticeList::MountDoor};
        case PlaceKind::Sail:
            return Mounting{PracticeList::MountSail};
        case PlaceKind::Pillar:
            return Mounting{PracticeList::MountPillar};
        case PlaceKind::DashTop:
            return Mounting{PracticeList::MountDashTop, SurfaceMaterial::SoftDash};
        case PlaceKind::KickPanel:
            return Mounting{PracticeList::MountKickPanel};
        case PlaceKind::Overhead:
            return Mounting{PracticeList::MountOverhead, SurfaceMaterial::Headliner};
        case PlaceKind::Fairing:
            return Mounting{PracticeList::MountFairing};
        case PlaceKind::BagLid:
            return Mounting{PracticeList::MountBagLid};
        case PlaceKind::RollBar:
            return Mounting{PracticeList::MountRollBar};
        case PlaceKind::RearDeck:
            return Mounting{PracticeList::MountRearDeck};
        case PlaceKind::Quarter:
        case PlaceKind::CargoSide:
            return Mounting{PracticeList::MountSide};
        case PlaceKind::UnderSeat:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            break;
    }
    return std::nullopt;
}

// A rectangle of this size about a spot, square to where the spot faces: the first edge level, or along the vehicle
// where it faces up or down.
Surface about(const Frame& spot, const std::vector<double>& size_m)
{
    constexpr double kLevel = 0.9;  // of the vertical: it faces up or down
    const Vec3 normal = (1.0 / length(spot.facing)) * spot.facing;
    const Vec3 guide = std::abs(normal.z) > kLevel ? Vec3{0.0, 1.0, 0.0} : Vec3{0.0, 0.0, 1.0};
    Vec3 level = cross(guide, normal);
    level = (1.0 / length(level)) * level;
    const Vec3 along = size_m[0] * level, across = size_m[1] * cross(normal, level);
    return {.corner_m = spot.at_m - 0.5 * along - 0.5 * across,
            .along_m = along,
            .across_m = across,
            .mirrors = false,
            .mountable = true,
            .basis = {Origin::ClassGuess}};
}

}  // namespace

std::map<SurfaceId, Surface> usualMounts(const Body& body, const UsualVehicles& vehicles, const Practice& practice)
{
    std::map<SurfaceId, Surface> all;
    for (const UsualSpot& spot : usualSpots(body, vehicles)) {
        const auto mounting = mountingAt(spot.kind);
        if (!mounting) continue;
        const bool pair = spot.frame.at_m.y != 0.0;
        for (const bool left : {true, false}) {
            if (!left && !pair) continue;
            Frame frame = spot.frame;
            if (left != (frame.at_m.y >= 0.0)) frame = mirrored(frame);
            Surface surface = about(frame, practice[mounting->size]);
            surface.material = mounting->material;
            surface.name = !pair ? spot.name : (left ? "left " : "right ") + spot.name;
            surface.kind = spot.kind;
            surface.backing = *usualBacking(spot.kind);
            all[SurfaceId{static_cast<int>(all.size()) + 1}] = std::move(surface);
        }
    }
    return all;
}

std::map<SurfaceId, Surface> mountsOf(const Fitout& fitout, const UsualVehicles& vehicles, const Practice& practice)
{
    std::map<SurfaceId, Surface> own = fitout.surfaces;
    std::erase_if(own, [](const auto& entry) { return !entry.second.mountable; });
    if (own.empty()) return usualMounts(fitout.body, vehicles, practice);
    // A plan that is older than this does not say which kind of place a surface is: the nearest usual one's, so that what
    // a restraint closes is closed there, too.
    const bool told = std::none_of(own.begin(), own.end(),
                                   [](const auto& entry) { return entry.second.kind == PlaceKind::Hidden; });
    if (told) return own;
    const auto usual = usualMounts(fitout.body, vehicles, practice);
    for (auto& [id, surface] : own) {
        const Vec3 middle = middleOf(surface);
        const auto nearest = std::min_element(usual.begin(), usual.end(), [&](const auto& a, const auto& b) {
            return distance(middleOf(a.second), middle) < distance(middleOf(b.second), middle);
        });
        if (surface.kind == PlaceKind::Hidden && nearest != usual.end()) surface.kind = nearest->second.kind;
    }
    return own;
}

}  // namespace core
