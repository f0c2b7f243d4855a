#include "core/picture/body_profile.h"

#include <map>

namespace core {
namespace {

using Points = std::vector<std::pair<double, double>>;

// The outline of a car from above, from the middle of its nose round the left side to the middle of its tail.
ProfileLine planOutline(double nose, double tail)
{
    return {ShapeKind::Body,
            {{0.0, 0.0}, {0.0, 0.55}, {0.03, nose}, {0.16, 1.0}, {0.88, 1.0}, {0.98, tail}, {1.0, 0.6}, {1.0, 0.0}},
            true,
            0.35};
}

ProfileLine seam(const Points& points, bool mirrored = false)
{
    return {ShapeKind::Seam, points, false, 0.04, mirrored};
}

// What a closed car is drawn by: shares along the length of the foot and the head of the windscreen and of the rear
// window, the heights of bonnet, belt line and boot, and where its doors are cut.
struct CarLook {
    double bonnet = 0.0, belt = 0.0, boot = 0.0;
    double screenFoot = 0.0, screenHead = 0.0, rearHead = 0.0, rearFoot = 0.0;
    std::vector<double> doorCuts{};
    double nose = 0.9, tail = 0.92;
    double wheel_m = 0.32;
};

BodyProfile closedCar(const CarLook& look)
{
    constexpr double kSill = 0.17;
    BodyProfile profile;
    profile.wheel_m = look.wheel_m;
    profile.flank.push_back({ShapeKind::Body,
                             {{0.0, kSill},
                              {0.0, 0.42},
                              {0.03, look.bonnet - 0.05},
                              {look.screenFoot - 0.01, look.bonnet + 0.02},
                              {look.screenHead, 0.98},
                              {0.5 * (look.screenHead + look.rearHead), 1.0},
                              {look.rearHead, 0.97},
                              {look.rearFoot, look.boot},
                              {1.0, look.boot - 0.04},
                              {1.0, kSill}},
                             true,
                             0.16});
    const double lean = look.screenHead - look.screenFoot;
    const double beltFront = look.screenFoot + 0.35 * lean,
                 beltRear = look.rearFoot - 0.25 * (look.rearFoot - look.rearHead);
    profile.flank.push_back({ShapeKind::Glass,
                             {{beltFront + 0.02, look.belt},
                              {look.screenHead + 0.025, 0.93},
                              {look.rearHead - 0.012, 0.92},
                              {beltRear - 0.02, look.belt + 0.02}},
                             true,
                             0.05});
    // The first cut ends at the foot of the windscreen pillar.
    for (const double cut : look.doorCuts)
        profile.flank.push_back(cut == look.doorCuts.front()
                                    ? seam({{cut, kSill + 0.03}, {cut, look.belt}})
                                    : seam({{cut, kSill + 0.03}, {cut, look.belt}, {cut + 0.01, 0.93}}));
    profile.above.push_back(planOutline(look.nose, look.tail));
    profile.above.push_back({ShapeKind::Glass,
                             {{look.screenFoot - 0.03, 0.0},
                              {look.screenFoot - 0.026, 0.4},
                              {look.screenFoot, 0.84},
                              {look.screenHead, 0.7},
                              {look.screenHead - 0.022, 0.36},
                              {look.screenHead - 0.026, 0.0}},
                             true,
                             0.3});
    if (look.rearFoot - look.rearHead > 0.01)
        profile.above.push_back(
            {ShapeKind::Glass,
             {{look.rearHead, 0.0}, {look.rearHead, 0.66}, {look.rearFoot, 0.72}, {look.rearFoot + 0.01, 0.0}},
             true,
             0.05});
    profile.above.push_back(seam({{look.screenHead, 0.7}, {look.rearHead, 0.66}}, true));
    for (const double cut : look.doorCuts) profile.above.push_back(seam({{cut, 1.0}, {cut, 0.88}}, true));
    return profile;
}

BodyProfile pickup(Cab cab)
{
    // Shares of the length: where the cab ends and the bed begins.
    const double end = cab == Cab::Single ? 0.5 : cab == Cab::Extended ? 0.57 : 0.64;
    BodyProfile profile;
    profile.wheel_m = 0.38;
    profile.flank.push_back({ShapeKind::Body,
                             {{0.0, 0.24},
                              {0.0, 0.52},
                              {0.02, 0.6},
                              {0.235, 0.64},
                              {0.33, 0.98},
                              {0.42, 1.0},
                              {end - 0.02, 0.98},
                              {end, 0.66},
                              {1.0, 0.64},
                              {1.0, 0.3},
                              {0.99, 0.24}},
                             true,
                             0.12});
    profile.flank.push_back(
        {ShapeKind::Glass, {{0.275, 0.66}, {0.345, 0.93}, {end - 0.035, 0.93}, {end - 0.025, 0.67}}, true, 0.05});
    const double front = cab == Cab::Double ? 0.455 : cab == Cab::Extended ? 0.465 : end - 0.02;
    profile.flank.push_back(seam({{0.25, 0.27}, {0.25, 0.64}}));
    profile.flank.push_back(seam({{front, 0.27}, {front, 0.66}, {front + 0.012, 0.94}}));
    if (cab == Cab::Double) profile.flank.push_back(seam({{end - 0.02, 0.4}, {end - 0.02, 0.66}}));
    profile.flank.push_back(seam({{end + 0.005, 0.3}, {end + 0.005, 0.66}}));
    profile.above.push_back({ShapeKind::Body,
                             {{0.0, 0.0}, {0.0, 0.7}, {0.03, 0.94}, {0.12, 1.0}, {0.99, 1.0}, {1.0, 0.95}, {1.0, 0.0}},
                             true,
                             0.2});
    profile.above.push_back({ShapeKind::Glass,
                             {{0.225, 0.0}, {0.229, 0.4}, {0.255, 0.86}, {0.335, 0.74}, {0.318, 0.36}, {0.315, 0.0}},
                             true,
                             0.3});
    profile.above.push_back(
        {ShapeKind::Glass, {{end - 0.03, 0.0}, {end - 0.03, 0.72}, {end - 0.01, 0.74}, {end - 0.01, 0.0}}, true, 0.03});
    profile.above.push_back(seam({{0.335, 0.74}, {end - 0.03, 0.72}}, true));
    profile.above.push_back(
        {ShapeKind::Seam, {{end + 0.015, 0.0}, {end + 0.015, 0.86}, {0.975, 0.86}, {0.975, 0.0}}, true, 0.05});
    for (const double cut : {0.25, front}) profile.above.push_back(seam({{cut, 1.0}, {cut, 0.88}}, true));
    return profile;
}

BodyProfile motorcycle()
{
    BodyProfile profile;
    profile.wheel_m = 0.33;
    profile.wheelWidth_m = 0.14;
    profile.openWheels = true;
    profile.saddle = true;
    // Fairing with its screen, tank and seat, bags, fork; the engine as one lump between the wheels.
    profile.flank = {
        {ShapeKind::Body,
         {{0.2, 0.82}, {0.17, 0.7}, {0.22, 0.58}, {0.32, 0.62}, {0.34, 0.72}, {0.3, 0.84}},
         true,
         0.06},
        {ShapeKind::Glass, {{0.21, 0.83}, {0.3, 0.84}, {0.36, 1.0}, {0.33, 1.0}}, true, 0.04},
        {ShapeKind::Body, {{0.33, 0.7}, {0.36, 0.75}, {0.47, 0.73}, {0.52, 0.6}, {0.36, 0.55}}, true, 0.08},
        {ShapeKind::Seat,
         {{0.49, 0.63}, {0.56, 0.56}, {0.66, 0.6}, {0.7, 0.7}, {0.73, 0.71}, {0.72, 0.55}, {0.53, 0.5}},
         true,
         0.05},
        {ShapeKind::Body,
         {{0.34, 0.53}, {0.52, 0.53}, {0.58, 0.34}, {0.52, 0.18}, {0.37, 0.18}, {0.32, 0.32}},
         true,
         0.08},
        {ShapeKind::Bag, {{0.66, 0.56}, {0.95, 0.58}, {0.96, 0.44}, {0.9, 0.33}, {0.69, 0.34}}, true, 0.06},
        {ShapeKind::Seam, {{0.655, 0.53}, {0.955, 0.55}}, false, 0.0},
        {ShapeKind::Seam, {{0.15, 0.236}, {0.27, 0.72}}, false, 0.0},
        {ShapeKind::Seam, {{0.3, 0.76}, {0.37, 0.83}}, false, 0.0},
    };
    profile.above = {
        {ShapeKind::Body, {{0.16, 0.0}, {0.17, 0.34}, {0.22, 0.74}, {0.3, 0.8}, {0.32, 0.6}, {0.33, 0.0}}, true, 0.08},
        {ShapeKind::Glass, {{0.23, 0.0}, {0.24, 0.38}, {0.29, 0.52}, {0.27, 0.0}}, true, 0.05},
        {ShapeKind::Seam, {{0.33, 0.2}, {0.31, 0.75}, {0.35, 1.0}}, false, 0.05, true},
        {ShapeKind::Body, {{0.33, 0.0}, {0.34, 0.26}, {0.42, 0.34}, {0.5, 0.24}, {0.52, 0.0}}, true, 0.08},
        {ShapeKind::Bag, {{0.66, 0.46}, {0.66, 0.9}, {0.93, 0.9}, {0.96, 0.5}}, true, 0.06, true},
    };
    return profile;
}

BodyProfile openCar()
{
    BodyProfile profile = closedCar({.bonnet = 0.66,
                                     .belt = 0.68,
                                     .boot = 0.7,
                                     .screenFoot = 0.33,
                                     .screenHead = 0.42,
                                     .rearHead = 0.7,
                                     .rearFoot = 0.72,
                                     .doorCuts = {0.36, 0.62}});
    // No roof: the screen stands by itself and the flank closes at the belt line.
    profile.flank[0].points = {{0.0, 0.2},  {0.0, 0.48},  {0.03, 0.6}, {0.33, 0.7}, {0.36, 0.7},
                               {0.62, 0.7}, {0.72, 0.76}, {0.97, 0.7}, {1.0, 0.64}, {1.0, 0.2}};
    profile.flank[1] = {ShapeKind::Glass, {{0.335, 0.7}, {0.42, 1.0}, {0.435, 1.0}, {0.37, 0.7}}, true, 0.02};
    for (ProfileLine& line : profile.flank)
        if (line.kind == ShapeKind::Seam) line.points.resize(2);
    profile.above[2] = {ShapeKind::Seam, {{0.44, 0.0}, {0.44, 0.74}, {0.7, 0.74}, {0.7, 0.0}}, true, 0.1};
    return profile;
}

BodyProfile sideBySide()
{
    BodyProfile profile;
    profile.wheel_m = 0.36;
    profile.wheelWidth_m = 0.26;
    profile.openWheels = true;
    profile.flank = {
        {ShapeKind::Body,
         {{0.02, 0.3},
          {0.04, 0.42},
          {0.3, 0.52},
          {0.36, 0.5},
          {0.36, 0.24},
          {0.62, 0.24},
          {0.64, 0.5},
          {0.98, 0.5},
          {1.0, 0.3},
          {0.7, 0.22},
          {0.3, 0.18}},
         true,
         0.06},
        {ShapeKind::Seam, {{0.28, 0.52}, {0.4, 0.98}, {0.74, 1.0}, {0.84, 0.5}}, false, 0.1},
        {ShapeKind::Seam, {{0.64, 0.5}, {0.7, 0.99}}, false, 0.0},
    };
    profile.above = {
        {ShapeKind::Body,
         {{0.02, 0.0}, {0.03, 0.42}, {0.28, 0.62}, {0.36, 0.78}, {0.7, 0.78}, {0.74, 0.62}, {1.0, 0.6}, {1.0, 0.0}},
         true,
         0.12},
        {ShapeKind::Seam, {{0.36, 0.0}, {0.36, 0.66}, {0.74, 0.66}, {0.74, 0.0}}, true, 0.06},
    };
    return profile;
}

BodyProfile boat()
{
    BodyProfile profile;
    profile.wheel_m = 0.0;
    profile.flank = {
        {ShapeKind::Body,
         {{0.0, 0.5}, {0.2, 0.46}, {0.6, 0.42}, {1.0, 0.42}, {0.99, 0.12}, {0.5, 0.02}, {0.2, 0.08}},
         true,
         0.2},
        {ShapeKind::Glass, {{0.36, 0.45}, {0.44, 0.66}, {0.47, 0.66}, {0.42, 0.44}}, true, 0.03},
        {ShapeKind::Seam, {{0.46, 0.43}, {0.52, 1.0}, {0.6, 1.0}, {0.66, 0.42}}, false, 0.08},
    };
    profile.above = {
        {ShapeKind::Body,
         {{0.0, 0.0}, {0.12, 0.45}, {0.3, 0.85}, {0.5, 1.0}, {0.98, 0.96}, {1.0, 0.9}, {1.0, 0.0}},
         true,
         0.3},
        {ShapeKind::Seam, {{0.14, 0.0}, {0.22, 0.45}, {0.36, 0.7}, {0.36, 0.0}}, true, 0.1},
        {ShapeKind::Seam, {{0.4, 0.0}, {0.42, 0.84}, {0.9, 0.84}, {0.9, 0.0}}, true, 0.1},
        {ShapeKind::Glass, {{0.36, 0.0}, {0.39, 0.8}, {0.44, 0.76}, {0.4, 0.0}}, true, 0.05},
    };
    return profile;
}

std::map<BodyKind, BodyProfile> makeProfiles()
{
    using enum BodyKind;
    return {
        {Hatchback, closedCar({.bonnet = 0.62,
                               .belt = 0.64,
                               .boot = 0.6,
                               .screenFoot = 0.25,
                               .screenHead = 0.4,
                               .rearHead = 0.84,
                               .rearFoot = 0.965,
                               .doorCuts = {0.31, 0.53, 0.77}})},
        {Saloon, closedCar({.bonnet = 0.62,
                            .belt = 0.64,
                            .boot = 0.68,
                            .screenFoot = 0.27,
                            .screenHead = 0.4,
                            .rearHead = 0.7,
                            .rearFoot = 0.83,
                            .doorCuts = {0.32, 0.53, 0.73}})},
        {Estate, closedCar({.bonnet = 0.62,
                            .belt = 0.63,
                            .boot = 0.58,
                            .screenFoot = 0.26,
                            .screenHead = 0.385,
                            .rearHead = 0.88,
                            .rearFoot = 0.975,
                            .doorCuts = {0.31, 0.525, 0.735}})},
        {Coupe, closedCar({.bonnet = 0.62,
                           .belt = 0.66,
                           .boot = 0.7,
                           .screenFoot = 0.29,
                           .screenHead = 0.42,
                           .rearHead = 0.62,
                           .rearFoot = 0.83,
                           .doorCuts = {0.34, 0.62}})},
        {Classic, closedCar({.bonnet = 0.66,
                             .belt = 0.67,
                             .boot = 0.64,
                             .screenFoot = 0.31,
                             .screenHead = 0.38,
                             .rearHead = 0.66,
                             .rearFoot = 0.76,
                             .doorCuts = {0.34, 0.58},
                             .nose = 0.96,
                             .tail = 0.95})},
        {OffRoad, closedCar({.bonnet = 0.62,
                             .belt = 0.64,
                             .boot = 0.62,
                             .screenFoot = 0.26,
                             .screenHead = 0.34,
                             .rearHead = 0.94,
                             .rearFoot = 0.985,
                             .doorCuts = {0.29, 0.51, 0.72},
                             .nose = 0.97,
                             .tail = 0.98,
                             .wheel_m = 0.38})},
        {Van, closedCar({.bonnet = 0.52,
                         .belt = 0.55,
                         .boot = 0.5,
                         .screenFoot = 0.15,
                         .screenHead = 0.27,
                         .rearHead = 0.97,
                         .rearFoot = 0.99,
                         .doorCuts = {0.19, 0.38, 0.6},
                         .nose = 0.96,
                         .tail = 0.99,
                         .wheel_m = 0.34})},
        {Bus, closedCar({.bonnet = 0.45,
                         .belt = 0.48,
                         .boot = 0.45,
                         .screenFoot = 0.05,
                         .screenHead = 0.1,
                         .rearHead = 0.97,
                         .rearFoot = 0.99,
                         .doorCuts = {0.08, 0.2, 0.36},
                         .nose = 0.98,
                         .tail = 0.99,
                         .wheel_m = 0.4})},
        {OpenTwoSeater, openCar()},
        {OpenSideBySide, sideBySide()},
        {Motorcycle, motorcycle()},
        {Boat, boat()},
    };
}

}  // namespace

const BodyProfile& bodyProfile(const Body& body)
{
    static const std::map<BodyKind, BodyProfile> kProfiles = makeProfiles();
    static const std::map<Cab, BodyProfile> kPickups{
        {Cab::Single, pickup(Cab::Single)}, {Cab::Extended, pickup(Cab::Extended)}, {Cab::Double, pickup(Cab::Double)}};
    return body.kind == BodyKind::Pickup ? kPickups.at(body.cab) : kProfiles.at(body.kind);
}

}  // namespace core
