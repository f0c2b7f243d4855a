#include "core/design/mount_surfaces.h"

#include <cmath>

#include "core/base/vec3.h"
#include "core/model/names.h"

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
    return {
        .corner_m = spot.at_m - 0.5 * along - 0.5 * across, .along_m = along, .across_m = across, .mountable = true};
}

}  // namespace

std::string_view textOf(Backing backing)
{
    switch (backing) {
        case Backing::Metal:
            return "metal";
        case Backing::Plastic:
            return "plastic";
        case Backing::Cloth:
            return "cloth";
    }
    return {};
}

std::vector<MountSurface> mountSurfaces(const Body& body, const UsualVehicles& vehicles, const Practice& practice)
{
    // Where bags and belts are: common practice, no source.
    const bool restraints = practice.bodies.at(std::string(textOf(body.kind))).cabin;
    std::vector<MountSurface> all;
    for (const UsualSpot& spot : usualSpots(body, vehicles)) {
        const auto mounting = mountingAt(spot.kind);
        if (!mounting) continue;
        const bool pair = spot.frame.at_m.y != 0.0;
        for (const bool left : {true, false}) {
            if (!left && !pair) continue;
            Frame frame = spot.frame;
            if (left != (frame.at_m.y >= 0.0)) frame = mirrored(frame);
            MountSurface one{.name = !pair ? spot.name : (left ? "left " : "right ") + spot.name,
                             .kind = spot.kind,
                             .surface = about(frame, practice[mounting->size]),
                             .backing = mounting->backing,
                             .closed = restraints && spot.kind == PlaceKind::Pillar};
            one.surface.material = mounting->material;
            one.surface.name = one.name;
            all.push_back(std::move(one));
        }
    }
    return all;
}

std::map<SurfaceId, Surface> openSurfaces(const std::vector<MountSurface>& all)
{
    std::map<SurfaceId, Surface> open;
    for (size_t i = 0; i < all.size(); ++i)
        if (!all[i].closed) open[SurfaceId{static_cast<int>(i) + 1}] = all[i].surface;
    return open;
}

}  // namespace core
