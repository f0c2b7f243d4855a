#include "core/advice/network_site.h"

#include <algorithm>
#include <cmath>

#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"

namespace core {
namespace {

// Where a board has room, and what it is like there; nothing for places that have none, or that restraints cross.
std::optional<std::set<SiteFault>> faultsAt(PlaceKind kind)
{
    using enum SiteFault;
    using Faults = std::set<SiteFault>;
    switch (kind) {
        case PlaceKind::Door:
            return Faults{Wet, BehindTrim};
        case PlaceKind::DashTop:
            return Faults{Hot, BehindTrim};
        case PlaceKind::KickPanel:
            return Faults{Feet, BehindTrim};
        case PlaceKind::UnderSeat:
            return Faults{};
        case PlaceKind::CargoSide:
        case PlaceKind::Quarter:
            return Faults{BehindTrim};
        case PlaceKind::RearDeck:
            return Faults{Hot, BehindTrim};
        case PlaceKind::Fairing:
            return Faults{Wet, Hot, BehindTrim};
        case PlaceKind::BagLid:
        case PlaceKind::RollBar:
            return Faults{Wet};
        case PlaceKind::Sail:
        case PlaceKind::Pillar:
        case PlaceKind::Overhead:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            break;
    }
    return std::nullopt;
}

PracticeKey weightOf(SiteFault fault)
{
    switch (fault) {
        case SiteFault::Wet:
            return PracticeKey::SiteWet_points;
        case SiteFault::Hot:
            return PracticeKey::SiteHot_points;
        case SiteFault::Feet:
            return PracticeKey::SiteFeet_points;
        case SiteFault::BehindTrim:
            return PracticeKey::SiteTrim_points;
    }
    return PracticeKey::SiteTrim_points;
}

// A lead follows sills and crossmembers.
double alongBody_m(const Vec3& from, const Vec3& to)
{
    return std::abs(from.x - to.x) + std::abs(from.y - to.y) + std::abs(from.z - to.z);
}

Vec3 onSide(Vec3 at_m, bool left)
{
    at_m.y = left ? std::abs(at_m.y) : -std::abs(at_m.y);
    return at_m;
}

}  // namespace

std::vector<NetworkSite> networkSites(const StageResult& stage, DeviceId board, const UsualVehicles& vehicles,
                                      const Practice& practice)
{
    const Fitout& used = stage.used;
    const bool left = placeOf(used, board)->frame.at_m.y > 0.0;
    const Vec3 source_m = usualSource_m(used.body, vehicles);
    std::vector<Vec3> speakers;
    for (const RunResult& run : stage.runs)
        if (!run.sameCone && std::find(run.run.along.begin(), run.run.along.end(), board) != run.run.along.end())
            if (const Place* place = placeOf(used, run.run.id.coil.device)) speakers.push_back(place->frame.at_m);
    std::vector<NetworkSite> sites;
    const auto add = [&](PlaceKind kind, const Vec3& at_m) {
        const auto faults = faultsAt(kind);
        if (!faults) return;
        NetworkSite site{.kind = kind, .leads_m = alongBody_m(source_m, at_m), .faults = *faults};
        for (const Vec3& speaker : speakers) site.leads_m += alongBody_m(at_m, speaker);
        const auto same =
            std::find_if(sites.begin(), sites.end(), [&](const NetworkSite& one) { return one.kind == kind; });
        if (same == sites.end())
            sites.push_back(std::move(site));
        else if (site.leads_m < same->leads_m)
            *same = std::move(site);
    };
    add(placeOf(used, board)->kind, placeOf(used, board)->frame.at_m);
    for (const UsualSpot& spot : usualSpots(used.body, vehicles)) add(spot.kind, onSide(spot.frame.at_m, left));
    const std::vector<DeviceId> both = mates(used, board);
    const bool atPedals =
        std::any_of(both.begin(), both.end(), [&](DeviceId one) { return isOnDriversSide(used, one); });
    double shortest_m = 0.0;
    for (const NetworkSite& site : sites)
        shortest_m = shortest_m == 0.0 ? site.leads_m : std::min(shortest_m, site.leads_m);
    for (NetworkSite& site : sites) {
        site.closed = atPedals && site.kind == PlaceKind::KickPanel;
        site.points = 100.0 - practice[PracticeKey::SiteLead_points] * (site.leads_m - shortest_m);
        for (const SiteFault fault : site.faults) site.points -= practice[weightOf(fault)];
    }
    std::stable_sort(sites.begin(), sites.end(), [](const NetworkSite& a, const NetworkSite& b) {
        return a.closed != b.closed ? b.closed : a.points > b.points;
    });
    return sites;
}

}  // namespace core
