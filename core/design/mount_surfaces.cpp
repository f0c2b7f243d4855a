#include "core/design/mount_surfaces.h"

#include <cmath>

#include "core/base/vec3.h"

namespace core {
namespace {

struct Mounting {
    PracticeList size{};
    Backing backing = Backing::Plastic;
    SurfaceMaterial material = SurfaceMaterial::HardTrim;
};

// Nothing for what nobody mounts on.
std::optional<Mounting> mountingAt(PlaceKind kind)
{
    using enum Backing;
    switch (kind) {
        case PlaceKind::Door:
            return Mounting{PracticeList::MountDoor, Metal};
        case PlaceKind::Sail:
            return Mounting{PracticeList::MountSail};
        case PlaceKind::Pillar:
            return Mounting{PracticeList::MountPillar};
        case PlaceKind::DashTop:
            return Mounting{PracticeList::MountDashTop, Plastic, SurfaceMaterial::SoftDash};
        case PlaceKind::KickPanel:
            return Mounting{PracticeList::MountKickPanel};
        case PlaceKind::Overhead:
            return Mounting{PracticeList::MountOverhead, Cloth, SurfaceMaterial::Headliner};
        case PlaceKind::Fairing:
            return Mounting{PracticeList::MountFairing};
        case PlaceKind::BagLid:
            return Mounting{PracticeList::MountBagLid};
        case PlaceKind::RollBar:
            return Mounting{PracticeList::MountRollBar, Metal};
        case PlaceKind::RearDeck:
            return Mounting{PracticeList::MountRearDeck, Metal};
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
            surface.backing = mounting->backing;
            all[SurfaceId{static_cast<int>(all.size()) + 1}] = std::move(surface);
        }
    }
    return all;
}

std::map<SurfaceId, Surface> mountsOf(const Fitout& fitout, const UsualVehicles& vehicles, const Practice& practice)
{
    std::map<SurfaceId, Surface> own = fitout.surfaces;
    std::erase_if(own, [](const auto& entry) { return !entry.second.mountable; });
    return own.empty() ? usualMounts(fitout.body, vehicles, practice) : own;
}

SurfaceId surfaceUnder(const std::map<SurfaceId, Surface>& surfaces, const Vec3& at_m)
{
    constexpr double kHand_m = 0.06, kPast_ratio = 0.05;  // ours, no source
    SurfaceId nearest{};
    double least_m = kHand_m;
    for (const auto& [id, surface] : surfaces) {
        const Vec3 from = at_m - surface.corner_m;
        const auto share = [&](const Vec3& edge) { return dot(from, edge) / dot(edge, edge); };
        const auto within = [](double part) { return part > -kPast_ratio && part < 1.0 + kPast_ratio; };
        const Vec3 normal = cross(surface.along_m, surface.across_m);
        const double away_m = std::abs(dot(from, normal)) / length(normal);
        if (!within(share(surface.along_m)) || !within(share(surface.across_m)) || away_m >= least_m) continue;
        least_m = away_m;
        nearest = id;
    }
    return nearest;
}

}  // namespace core
