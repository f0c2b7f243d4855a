#include "core/design/habits.h"

#include <algorithm>
#include <cmath>

#include "core/model/aim.h"

namespace core {
namespace {

using Way = Habit::Way;
using Height = Habit::Height;

struct Trick {
    Way way = Way::BetweenHeads;
    Height height = Height::Any;
};

// common practice, no source
std::vector<Trick> tricksOn(PlaceKind kind)
{
    switch (kind) {
        case PlaceKind::Door:
            return {{Way::StraightOut, Height::Low}, {Way::BetweenHeads, Height::High}};
        case PlaceKind::Sail:
            return {{Way::FarEar}, {Way::NearEar}};
        case PlaceKind::Pillar:
            return {{Way::BetweenHeads}};
        case PlaceKind::DashTop:
            return {{Way::AtTheGlass}, {Way::BetweenHeads}};
        case PlaceKind::KickPanel:
        case PlaceKind::Overhead:
        case PlaceKind::Fairing:
        case PlaceKind::RollBar:
            return {{Way::BetweenHeads}};
        case PlaceKind::BagLid:
        case PlaceKind::RearDeck:
        case PlaceKind::Quarter:
        case PlaceKind::CargoSide:
            return {{Way::StraightOut}};
        case PlaceKind::UnderSeat:
        case PlaceKind::OwnBox:
        case PlaceKind::Hidden:
            return {};
    }
    return {};
}

Vec3 normalTowards(const Surface& surface, const Vec3& target)
{
    const Vec3 normal = cross(surface.along_m, surface.across_m);
    const double size = dot(target - surface.corner_m, normal) < 0.0 ? -length(normal) : length(normal);
    return (1.0 / size) * normal;
}

// On a door card in the middle of its length, whichever of its edges rises.
Vec3 pointOn(const Surface& surface, Height height)
{
    constexpr double kOffMiddle = 0.3;  // of the card's height: common practice, no source
    const bool acrossRises = std::abs(surface.across_m.z) >= std::abs(surface.along_m.z);
    Vec3 up = acrossRises ? surface.across_m : surface.along_m;
    if (up.z < 0.0) up = -1.0 * up;
    const double off = height == Height::Any ? 0.0 : height == Height::High ? kOffMiddle : -kOffMiddle;
    return middleOf(surface) + off * up;
}

Frame framed(const SpotJudge& judge, const Surface& surface, const Trick& trick)
{
    const Vec3 normal = normalTowards(surface, judge.middle());
    const Vec3 at = pointOn(surface, trick.height) + kStandOff_m * normal;
    switch (trick.way) {
        case Way::NearEar:
            return aimedAt(at, judge.nearestEar(at));
        case Way::FarEar:
            return aimedAt(at, judge.furthestEar(at));
        case Way::AtTheGlass:
        case Way::StraightOut:
            return {at, normal};
        case Way::AsItStands:
        case Way::BetweenHeads:
            break;
    }
    return aimedAt(at, judge.middle());
}

}  // namespace

std::vector<Habit> rankHabits(const StageResult& stage, const Practice& practice, const SpotTask& task)
{
    const SpotWeights weights = task.weights.value_or(usualWeights(practice));
    SpotJudge judge(stage, practice, task.device, task.seats);
    const bool left = judge.standing().at_m.y >= 0.0;
    std::vector<Habit> found{{.spot = judge.judge({}, judge.standing(), weights)}};
    const auto onSide = [&](const Surface& one) { return left ? middleOf(one).y >= 0.0 : middleOf(one).y <= 0.0; };
    const bool someAhead = std::any_of(task.surfaces.begin(), task.surfaces.end(), [&](const auto& entry) {
        return onSide(entry.second) && !judge.isBehind(middleOf(entry.second));
    });
    for (const auto& [id, surface] : task.surfaces) {
        if (!onSide(surface) || (someAhead && judge.isBehind(middleOf(surface)))) continue;
        for (const Trick& trick : tricksOn(surface.kind)) {
            Habit habit{.way = trick.way, .height = trick.height, .kind = surface.kind, .surface = id};
            const Frame frame = framed(judge, surface, trick);
            habit.closed = pairClosedAt(stage.used, surface.kind, frame.at_m, practice);
            habit.spot = habit.closed ? Spot{.surface = id, .frame = frame} : judge.judge(id, frame, weights);
            found.push_back(std::move(habit));
        }
    }
    std::stable_sort(found.begin(), found.end(), [](const Habit& a, const Habit& b) {
        if (a.closed.has_value() != b.closed.has_value()) return b.closed.has_value();
        return a.spot.points > b.spot.points;
    });
    return found;
}

}  // namespace core
