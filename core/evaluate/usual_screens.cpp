#include "core/evaluate/usual_screens.h"

#include <algorithm>
#include <cmath>

#include "core/base/vec3.h"

namespace core {
namespace {

constexpr Vec3 kUp{0.0, 0.0, 1.0};
constexpr double kBesideAnother_m = 0.15;  // off the centre plane: another seat is beside it

Vec3 unit(const Vec3& way)
{
    return (1.0 / length(way)) * way;
}

// A limb from one joint to the next, as a flat piece in the plane that it moves in.
FlatPanel limb(const Vec3& from, const Vec3& to, const Vec3& sideways, double across_m)
{
    const Vec3 across = across_m * unit(cross(sideways, to - from));
    return {from - 0.5 * across, to - from, across, true, false};
}

void addLegs(std::vector<Screen>& screens, const Vec3& head, const Vec3& ahead, const Vec3& left, const Practice& practice)
{
    const std::vector<double>& legs = practice[PracticeList::SitterLegs];
    for (const double side : {1.0, -1.0}) {
        const Vec3 hip = head + legs[0] * ahead - legs[1] * kUp + side * legs[6] * left;
        const Vec3 knee = hip + legs[2] * ahead + legs[3] * kUp;
        const Vec3 foot = knee + legs[4] * ahead - legs[5] * kUp;
        screens.push_back({limb(hip, knee, left, legs[7]), "leg"});
        screens.push_back({limb(knee, foot, left, legs[7]), "leg"});
    }
}

void addBack(std::vector<Screen>& screens, const Vec3& head, const Vec3& ahead, const Vec3& left, const std::string& name,
             const Practice& practice)
{
    const std::vector<double>& back = practice[PracticeList::SeatBack];
    const Vec3 foot = head - back[0] * ahead - back[2] * kUp - back[1] * left;
    const Vec3 rise = (back[2] - back[3]) * kUp - back[4] * ahead;
    screens.push_back({{foot, 2.0 * back[1] * left, rise, true, false}, name});
}

void addWheel(std::vector<Screen>& screens, const Vec3& head, const Vec3& ahead, const Vec3& left, const Practice& practice)
{
    const std::vector<double>& wheel = practice[PracticeList::SteeringWheel];
    const Vec3 middle = head + wheel[0] * ahead - wheel[1] * kUp;
    const double height_m = std::sqrt(wheel[2] * wheel[2] - wheel[3] * wheel[3]);
    const Vec3 rise = height_m * kUp + wheel[3] * ahead, across = wheel[2] * left;
    screens.push_back({{middle - 0.5 * across - 0.5 * rise, across, rise, true, false}, "steering wheel"});
}

}  // namespace

std::vector<Screen> usualScreens(const Fitout& fitout, const Practice& practice)
{
    const BodyKind kind = fitout.body.kind;
    const bool saddle = kind == BodyKind::Motorcycle, benches = kind == BodyKind::Boat;
    std::vector<Screen> screens;
    std::vector<Vec3> seats;  // whose back stands already
    for (const auto& [id, listener] : fitout.listeners) {
        Vec3 ahead = listener.facing;
        ahead.z = 0.0;
        if (!(length(ahead) > 0.0)) continue;
        ahead = unit(ahead);
        const Vec3 left = cross(kUp, ahead);
        if (listener.seat == Seat::Driver && !saddle) addWheel(screens, listener.head_m, ahead, left, practice);
        if (saddle) {
            addBack(screens, listener.head_m, ahead, left, "rider's back", practice);
            continue;
        }
        addLegs(screens, listener.head_m, ahead, left, practice);
        if (benches) continue;
        Vec3 beside = listener.head_m;
        beside.y = -beside.y;
        std::vector<Vec3> heads{listener.head_m};
        if (std::abs(beside.y) > kBesideAnother_m) heads.push_back(beside);
        for (const Vec3& head : heads) {
            const bool stands = std::any_of(seats.begin(), seats.end(),
                                            [&](const Vec3& other) { return distance(other, head) < kBesideAnother_m; });
            if (stands) continue;
            seats.push_back(head);
            addBack(screens, head, ahead, left, "seat back", practice);
        }
    }
    return screens;
}

}  // namespace core
