#include "core/fit/room_left.h"

#include <algorithm>

#include "core/fit/known_length.h"

namespace core {
namespace {

DriverFront frontOf(const Figures& body)
{
    return {body.at(Quantity::FlangeThickness_m).value, body.at(Quantity::Surround_m).value,
            body.at(Quantity::MostTravel_m).value};
}

// A hole so wide that the surround moves freely through it.
bool clearsTheSurround(const FitQuestion& question, const Figures& body, double wantedFront_m)
{
    const auto cutout = valueOf(question.place.room, Quantity::Cutout_m);
    return cutout && *cutout >= body.at(Quantity::Basket_m).value + 2.0 * wantedFront_m;
}

// Glass up or down, whichever leaves less.
std::optional<double> availableDepth_m(const Figures& room, double freed_m)
{
    auto one = valueOf(room, Quantity::Depth_m);
    const auto other = valueOf(room, Quantity::DepthGlassUp_m);
    if (one) *one += freed_m;
    if (one && other) return std::min(*one, *other);
    return one ? one : other;
}

}  // namespace

Seating seatingOf(const FitQuestion& question)
{
    Seating seating;
    if (question.spacer)
        seating.spacer_m = valueOf(question.spacer->figures, Quantity::Thickness_m).value_or(0.0);
    else  // a spacer is relieved where something stands up; a bare flange sits on it
        seating.stump_m = question.room_m(Quantity::Stump_m);
    if (question.done(AlterationKind::CutObstruction)) seating.obstruction_m = question.room_m(Quantity::Obstruction_m);
    return seating;
}

RoomLeft roomLeft(const FitQuestion& question, const Figures& body, const Seating& seating, const Practice& practice)
{
    const Place& place = question.place;
    RoomLeft left{
        .wantedDepth_m =
            practice[place.behind == Behind::Regulator ? PracticeKey::RegulatorMargin_m : PracticeKey::DepthMargin_m],
        .wantedFront_m = practice[PracticeKey::FrontMargin_m]};
    const auto room = [&](Quantity quantity) { return KnownLength(place.room, quantity); };
    const auto measured = [](double length_m) { return KnownLength{length_m, Origin::Measured}; };
    const KnownLength depth{body, Quantity::Depth_m}, flange{body, Quantity::FlangeThickness_m};
    const KnownLength surroundOut = KnownLength{body, Quantity::Surround_m} + KnownLength{body, Quantity::MostTravel_m};
    const KnownLength spacer = measured(seating.spacer_m + seating.stump_m);
    // Below a panel a spacer pushes the magnet away, in front of it the magnet comes with it.
    const KnownLength back = place.underPanel ? spacer + flange + depth : depth - spacer;
    left.depthMargin_m = (room(Quantity::Depth_m) + measured(seating.obstruction_m) - back).computed();
    left.glassUpMargin_m = (room(Quantity::DepthGlassUp_m) - back).computed();
    if (!place.underPanel) {
        const KnownLength reach = flange.value() > surroundOut.value() ? flange : surroundOut;
        left.frontMargin_m = (room(Quantity::FrontClearance_m) - spacer - reach).computed();
    } else if (!clearsTheSurround(question, body, left.wantedFront_m)) {
        left.frontMargin_m = (spacer + measured(question.room_m(Quantity::Between_m)) - surroundOut).computed();
    }
    const KnownLength screw{question.mount.figures, Quantity::ScrewLength_m};
    const KnownLength sheet = measured(question.room_m(Quantity::Sheet_m));
    left.screwMargin_m = (room(Quantity::ScrewRoom_m) - (screw - flange - spacer - sheet)).computed();
    return left;
}

SpacerNeed spacerNeed(const FitQuestion& question, const Figures& body, const Seating& seating, const RoomLeft& left,
                      const Practice& practice)
{
    const Place& place = question.place;
    const double depth_m = body.at(Quantity::Depth_m).value;
    const auto available = availableDepth_m(place.room, seating.obstruction_m);
    const auto clearance = valueOf(place.room, Quantity::FrontClearance_m);
    SpacerNeed need;
    if (place.underPanel)
        need.spacerNeeded_m =
            clearsTheSurround(question, body, left.wantedFront_m)
                ? 0.0
                : spacerBelow_m(frontOf(body), left.wantedFront_m, question.room_m(Quantity::Between_m));
    else if (available)
        need.spacerNeeded_m = spacerForDepth_m(depth_m, left.wantedDepth_m, *available);
    else
        return need;
    auto stack = spacerStack(*need.spacerNeeded_m, practice[PracticeList::Spacer_m],
                             static_cast<int>(practice[PracticeKey::MostSpacers_count]));
    if (!stack) return need;
    constexpr double kSlack_m = 1e-9;
    const bool hasRoom =
        place.underPanel
            ? !available ||
                  depthBelow_m(frontOf(body), depth_m, stack->sum_m, left.wantedDepth_m) <= *available + kSlack_m
            : !clearance || frontNeed_m(frontOf(body), stack->sum_m, left.wantedFront_m) <= *clearance + kSlack_m;
    if (hasRoom) need.spacers = std::move(stack);
    return need;
}

}  // namespace core
