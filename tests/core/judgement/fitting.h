#pragma once

#include <functional>
#include <vector>

#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "tests/core/demo_plan.h"

// A driver put into a place of the demo, and the changes that a test of fit makes to both. The driver: depth 50 mm,
// body 94, flange 110, screws 4 on 102 mm, surround 6, strikes at 4.
namespace tests {

using namespace core;

inline Part testDriver()
{
    Part part = driverPart("tried", {{Quantity::Depth_m, 0.050},
                                     {Quantity::Basket_m, 0.094},
                                     {Quantity::Flange_m, 0.110},
                                     {Quantity::FlangeThickness_m, 0.004},
                                     {Quantity::Surround_m, 0.006},
                                     {Quantity::MostTravel_m, 0.004},
                                     {Quantity::Magnet_m, 0.070},
                                     {Quantity::ScrewCount, 4.0},
                                     {Quantity::ScrewCircle_m, 0.102},
                                     {Quantity::ScrewStart_deg, 45.0},
                                     {Quantity::Mass_kg, 0.4},
                                     {Quantity::Re_ohm, 5.0},
                                     {Quantity::Nominal_ohm, 6.0},
                                     {Quantity::Power_w, 30.0}});
    part.driverClass = "wideBand100";
    return part;
}

// The left place and its follower, and the driver that goes in.
struct Fitting {
    Place place{};
    Part driver = testDriver();
    Mount mount{};
    Part spacer{};
    std::vector<AlterationKind> done{AlterationKind::Seal};
    std::function<void(Plan&)> also{};
};

inline Plan planOf(const Fitting& fitting)
{
    Plan plan = demoPlan();
    plan.job.keep.erase(Keep::NoCutting);
    for (const PlaceId id : {kLeft, kRight}) {
        Place& place = plan.places.at(id);
        place.kind = fitting.place.kind;
        place.behind = fitting.place.behind;
        place.room = fitting.place.room;
        place.cover = fitting.place.cover;
        place.anchor = fitting.place.anchor;
        place.underPanel = fitting.place.underPanel;
        place.obstruction = fitting.place.obstruction;
    }
    plan = withDriver(plan, fitting.driver);
    for (const AlterationKind what : fitting.done)
        plan = apply(plan, alterPlace(plan, plan.job.goal, kLeft, what, true)).plan;
    Mount mount = fitting.mount;
    if (fitting.spacer.kind == PartKind::Spacer) {
        mount.spacer = drawId<PartId>(plan);
        plan.parts[mount.spacer] = fitting.spacer;
    }
    for (const DeviceId device : {kLeftSpeaker, kRightSpeaker}) plan.mounts[{plan.job.goal, device}] = mount;
    if (fitting.also) fitting.also(plan);
    return plan;
}

inline auto room(std::initializer_list<std::pair<Quantity, double>> figures, Behind behind = Behind::SheetMetal,
                 PlaceKind kind = PlaceKind::Quarter)
{
    return [=, list = std::vector(figures)](Fitting& s) {
        s.place.kind = kind;
        s.place.behind = behind;
        for (const auto& [what, value] : list) s.place.room[what] = Known{value, {Origin::Measured}};
    };
}
template <class... Changes>
std::function<void(Fitting&)> all(Changes... changes)
{
    return [=](Fitting& s) { (changes(s), ...); };
}
inline auto driver(Quantity what, double value)
{
    return [=](Fitting& s) { s.driver.figures[what] = Known{value}; };
}
inline auto spacer(std::initializer_list<std::pair<Quantity, double>> figures)
{
    return [list = std::vector(figures)](Fitting& s) {
        s.spacer = {.kind = PartKind::Spacer, .name = "spacer", .shelfKey = "made"};
        for (const auto& [what, value] : list) s.spacer.figures[what] = Known{value};
    };
}

// 50 mm deep, 5 mm wanted behind it: with 55 and more the holder may stay, with less a cut of 12 mm frees the rest.
inline auto withHolder(double depth_m, bool cut)
{
    return all(room({{Quantity::Depth_m, depth_m}, {Quantity::Obstruction_m, 0.012}}), [=](Fitting& s) {
        s.place.obstruction = "cable holder";
        if (cut) s.done.push_back(AlterationKind::CutObstruction);
    });
}
// 16 mm through a flange of 4 and a sheet of 1: 11 stand out.
inline auto withScrewRoom(double room_m)
{
    return all(room({{Quantity::ScrewRoom_m, room_m}, {Quantity::Sheet_m, 0.001}}),
               [](Fitting& s) { s.mount.figures[Quantity::ScrewLength_m] = Known{0.016}; });
}

}  // namespace tests
