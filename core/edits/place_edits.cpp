#include "core/edits/place_edits.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/edits/pairs.h"
#include "core/fitout/resolve.h"
#include "core/fitout/sides.h"
#include "core/physics/panel.h"

namespace core {
namespace {

constexpr double kCentre_m = 0.05;

std::string onSide(const std::string& name, double y)
{
    return (y > 0.0 ? "left " : "right ") + name;
}

bool isDirection(Quantity quantity)
{
    return quantity == Quantity::WireExit_deg || quantity == Quantity::GlassSide_deg ||
           quantity == Quantity::ScrewStart_deg;
}

// Seen from its front, the other side has left and right exchanged.
double mirroredDirection_deg(double angle_deg)
{
    return std::remainder(180.0 - angle_deg, 360.0);
}

// What a place says of its twin's spot, everything mirrored but what belongs to the pair.
Place twinOf(const Plan& plan, const Place& place, const Place& twin)
{
    Place other = place;
    for (PanelId& panel : other.wayIn)
        if (const PanelId pair = plan.panels.at(panel).pair) panel = pair;
    other.name = twin.name;
    other.frame = mirrored(place.frame);
    for (auto& [quantity, known] : other.room)
        if (isDirection(quantity)) known.value = mirroredDirection_deg(known.value);
    other.pair = twin.pair;
    other.followsPair = twin.followsPair;
    return other;
}

// Drivers at a place, by id.
std::vector<DeviceId> driversAt(const Fitout& fitout, PlaceId place)
{
    std::vector<DeviceId> found;
    for (const auto& [id, device] : fitout.devices)
        if (device.at == place && fitout.parts.at(device.part).kind == PartKind::Driver) found.push_back(id);
    return found;
}

}  // namespace

Edit addPlaces(const Plan& plan, PlaceKind kind, const std::string& name, const Frame& frame)
{
    Plan after = plan;
    const auto id = drawId<PlaceId>(after);
    Place place{.kind = kind, .name = name, .frame = frame};
    if (std::abs(frame.at_m.y) >= kCentre_m) {
        const auto other = drawId<PlaceId>(after);
        after.places[other] = {.kind = kind,
                               .name = onSide(name, -frame.at_m.y),
                               .frame = mirrored(frame),
                               .pair = id,
                               .followsPair = true};
        place.name = onSide(name, frame.at_m.y);
        place.pair = other;
    }
    after.places[id] = place;
    return difference(EditName::AddPlace, plan, after);
}

Edit changePlace(const Plan& plan, PlaceId id, const Place& place)
{
    Plan after = plan;
    Place& own = after.places.at(id);
    const PlaceId pair = own.pair;
    const bool follows = own.followsPair;
    own = place;
    own.pair = pair;
    own.followsPair = follows;
    if (mateOf(plan.places, id)) after.places.at(pair) = twinOf(plan, own, after.places.at(pair));
    return difference(EditName::ChangePlace, plan, after);
}

Edit freeSides(const Plan& plan, PlaceId id)
{
    Plan after = plan;
    freeOfPair(after.places, id);
    for (const PanelId panel : plan.places.at(id).wayIn) freeOfPair(after.panels, panel);
    return difference(EditName::ChangePlace, plan, after);
}

Edit removePlace(const Plan& plan, PlaceId id)
{
    Plan after = plan;
    const std::set<PlaceId> gone = eraseWithFollower(after.places, id);
    std::set<PanelId> used;
    for (const auto& [place, item] : after.places) used.insert(item.wayIn.begin(), item.wayIn.end());
    std::erase_if(after.panels, [&](const auto& entry) { return !used.contains(entry.first); });
    for (auto& [panel, item] : after.panels)
        if (!after.panels.contains(item.pair)) {
            item.pair = {};
            item.followsPair = false;
        }
    for (auto& [key, device] : after.devices)
        if (device && gone.contains(device->at)) device->at = {};
    std::erase_if(after.alterations,
                  [&](const auto& entry) { return entry.second && gone.contains(entry.second->place); });
    return difference(EditName::RemovePlace, plan, after);
}

Edit copySide(const Plan& plan, StageId stage, PlaceId from)
{
    Plan after = plan;
    Place& own = after.places.at(from);
    Place& other = after.places.at(own.pair);
    own.followsPair = false;
    other.followsPair = true;
    other = twinOf(plan, own, other);
    for (const PanelId panel : own.wayIn)
        if (const PanelId pair = plan.panels.at(panel).pair) {
            after.panels.at(panel).followsPair = false;
            after.panels.at(pair) = plan.panels.at(panel);
            after.panels.at(pair).pair = panel;
            after.panels.at(pair).followsPair = true;
        }
    const Fitout fitout = resolve(plan, stage);
    const auto here = driversAt(fitout, from), there = driversAt(fitout, own.pair);
    for (size_t i = 0; i < std::min(here.size(), there.size()); ++i) {
        Device device = fitout.devices.at(there[i]);
        device.part = fitout.devices.at(here[i]).part;
        device.basis = fitout.devices.at(here[i]).basis;
        if (!(device == fitout.devices.at(there[i]))) after.devices[{stage, there[i]}] = device;
    }
    return difference(EditName::CopySide, plan, after);
}

std::vector<SideDifference> sideDifferences(const Fitout& fitout, PlaceId id)
{
    constexpr double kSame_m = 1e-6, kSame_rad = 1e-6;
    using What = SideDifference::What;
    std::vector<SideDifference> found;
    const Place& own = fitout.places.at(id);
    const auto pair = fitout.places.find(own.pair);
    if (pair == fitout.places.end()) return found;
    const Place& other = pair->second;
    if (own.kind != other.kind) found.push_back({.what = What::Kind});
    const Frame image = mirrored(other.frame);
    const double apart_m = distance(own.frame.at_m, image.at_m);
    const double turned_rad = angleBetween_rad(own.frame.facing, image.facing);
    if (apart_m > kSame_m || turned_rad > kSame_rad)
        found.push_back({.what = What::Position, .apart_m = apart_m, .turned_rad = turned_rad});
    if (own.behind != other.behind) found.push_back({.what = What::Behind});
    if (own.cover != other.cover) found.push_back({.what = What::Cover});
    std::set<Quantity> quantities;
    for (const Figures* room : {&own.room, &other.room})
        for (const auto& [quantity, known] : *room) quantities.insert(quantity);
    for (const Quantity quantity : quantities) {
        const auto here = valueOf(own.room, quantity);
        auto there = valueOf(other.room, quantity);
        if (there && isDirection(quantity)) there = mirroredDirection_deg(*there);
        if (here != there) found.push_back({.what = What::Room, .quantity = quantity, .here = here, .there = there});
    }
    const auto mine = driversAt(fitout, id), theirs = driversAt(fitout, own.pair);
    for (size_t i = 0; i < std::max(mine.size(), theirs.size()); ++i) {
        const auto partOf = [&](const std::vector<DeviceId>& ids) {
            return i < ids.size() ? fitout.devices.at(ids[i]).part : PartId{};
        };
        if (partOf(mine) != partOf(theirs))
            found.push_back({.what = What::Driver, .partHere = partOf(mine), .partThere = partOf(theirs)});
    }
    return found;
}

}  // namespace core
