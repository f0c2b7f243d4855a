#include "core/fitout/closed_zones.h"

#include <cmath>

namespace core {
namespace {

const Listener* atTheWheel(const Fitout& fitout)
{
    for (const auto& [id, listener] : fitout.listeners)
        if (listener.seat == Seat::Driver) return &listener;
    return nullptr;
}

}  // namespace

double driverY_m(const Fitout& fitout)
{
    constexpr double kBeside_ratio = 0.2;  // of the width: common practice, no source
    if (const Listener* driver = atTheWheel(fitout)) return driver->head_m.y;
    return (fitout.body.wheelOnLeft ? kBeside_ratio : -kBeside_ratio) * fitout.body.width_m;
}

std::optional<RestraintZone> restraintAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m,
                                         const Practice& practice)
{
    const Body& body = fitout.body;
    if (!hasRestraints(body)) return std::nullopt;
    switch (kind) {
        case PlaceKind::Pillar:
            return RestraintZone::Pillar;
        case PlaceKind::DashTop:
            if (std::abs(at_m.y + driverY_m(fitout)) < practice[PracticeKey::BagHalf_m]) return RestraintZone::DashBag;
            return std::nullopt;
        case PlaceKind::Overhead:
            if (0.5 * body.width_m - std::abs(at_m.y) < practice[PracticeKey::BagRoof_m])
                return RestraintZone::RoofEdge;
            return std::nullopt;
        case PlaceKind::Door:
        case PlaceKind::Sail:
        case PlaceKind::KickPanel:
        case PlaceKind::Quarter:
        case PlaceKind::RearDeck:
        case PlaceKind::UnderSeat:
        case PlaceKind::Fairing:
        case PlaceKind::BagLid:
        case PlaceKind::CargoSide:
        case PlaceKind::RollBar:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            return std::nullopt;
    }
    return std::nullopt;
}

std::optional<Closed> closedAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m, const Practice& practice)
{
    if (const auto zone = restraintAt(fitout, kind, at_m, practice); zone && !fitout.body.cleared.contains(*zone))
        return *zone;
    if (kind == PlaceKind::DashTop && std::abs(at_m.y - driverY_m(fitout)) < practice[PracticeKey::SightHalf_m]) return InSight{};
    return std::nullopt;
}

std::optional<Closed> pairClosedAt(const Fitout& fitout, PlaceKind kind, const Vec3& at_m, const Practice& practice)
{
    if (const auto here = closedAt(fitout, kind, at_m, practice)) return here;
    return closedAt(fitout, kind, {at_m.x, -at_m.y, at_m.z}, practice);
}

}  // namespace core
