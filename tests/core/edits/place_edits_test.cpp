// Places come in mirrored pairs; what one side gets the other follows, until each may differ.
#include "core/edits/place_edits.h"

#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <cmath>

#include "core/fitout/resolve.h"
#include "core/model/validate.h"
#include "tests/core/random_values.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::kLeft, tests::kRight;

using tests::after;

TEST(AddPlaces, MakeAMirroredPairThatFollows)
{
    const Plan plan = tests::demoPlan();
    const Plan more = after(plan, addPlaces(plan, PlaceKind::Pillar, "pillar", {{-0.6, 0.6, 1.1}, {-0.8, -0.6, 0.0}}));
    ASSERT_EQ(more.places.size(), plan.places.size() + 2);
    const auto own = std::find_if(more.places.begin(), more.places.end(),
                                  [](const auto& entry) { return entry.second.name == "left pillar"; });
    ASSERT_NE(own, more.places.end());
    const Place& other = more.places.at(own->second.pair);
    EXPECT_EQ(other.name, "right pillar");
    EXPECT_TRUE(other.followsPair);
    EXPECT_EQ(other.pair, own->first);
    EXPECT_EQ(other.frame, mirrored(own->second.frame));
}

TEST(AddPlaces, OneAloneOnTheCentrePlane)
{
    const Plan plan = tests::demoPlan();
    const Plan more = after(plan, addPlaces(plan, PlaceKind::DashTop, "dash", {{-0.5, 0.02, 1.0}, {-1.0, 0.0, 0.0}}));
    EXPECT_EQ(more.places.size(), plan.places.size() + 1);
    EXPECT_FALSE(more.places.rbegin()->second.pair);
}

TEST(ChangePlace, IsFollowedByItsTwinUntilSidesAreFree)
{
    Plan plan = tests::demoPlan();
    ASSERT_TRUE(plan.places.at(kRight).followsPair);
    Place place = plan.places.at(kLeft);
    place.room[Quantity::Depth_m] = Known{0.061};
    place.cover = Cover::ThickCloth;
    place.frame.at_m.x += 0.1;
    plan = after(plan, changePlace(plan, kLeft, place));
    EXPECT_EQ(plan.places.at(kRight).room, place.room);
    EXPECT_EQ(plan.places.at(kRight).frame, mirrored(place.frame));
    EXPECT_TRUE(sideDifferences(resolve(plan, kFound), kLeft).empty());

    plan = after(plan, freeSides(plan, kLeft));
    place.room[Quantity::Depth_m] = Known{0.055};
    place.frame.at_m.z += 0.03;
    plan = after(plan, changePlace(plan, kLeft, place));
    EXPECT_EQ(plan.places.at(kRight).room.at(Quantity::Depth_m).value, 0.061);
    const auto differences = sideDifferences(resolve(plan, kFound), kLeft);
    ASSERT_EQ(differences.size(), 2U);
    EXPECT_NEAR(differences[0].apart_m, 0.03, 1e-12);
    EXPECT_EQ(differences[1].quantity, Quantity::Depth_m);
    EXPECT_EQ(differences[1].here, 0.055);
    EXPECT_EQ(differences[1].there, 0.061);
}

TEST(CopySide, LeavesNoDifference)
{
    Plan plan = tests::troublePlan();  // other drivers on the two sides
    const PlaceId left = resolve(plan, plan.job.goal).devices.at(tests::kLeftSpeaker).at;
    EXPECT_FALSE(sideDifferences(resolve(plan, plan.job.goal), left).empty());
    plan = after(plan, copySide(plan, plan.job.goal, left));
    EXPECT_TRUE(sideDifferences(resolve(plan, plan.job.goal), left).empty());
    const Fitout goal = resolve(plan, plan.job.goal);
    EXPECT_EQ(goal.devices.at(tests::kLeftSpeaker).part, goal.devices.at(tests::kRightSpeaker).part);
    EXPECT_EQ(resolve(plan, kFound).devices, resolve(tests::troublePlan(), kFound).devices) << "what was found stays";
}

TEST(RemovePlace, LeavesAValidPlanWhoseDriversAreNowhere)
{
    const Plan plan = tests::demoPlan();
    const Plan less = after(plan, removePlace(plan, kLeft));
    EXPECT_FALSE(less.places.contains(kLeft));
    EXPECT_FALSE(less.places.contains(kRight));
    const Fitout found = resolve(less, kFound);
    EXPECT_TRUE(found.devices.contains(tests::kLeftSpeaker));
    EXPECT_FALSE(found.devices.at(tests::kLeftSpeaker).at);
    EXPECT_EQ(found.wires, resolve(plan, kFound).wires);
    const Plan follower = after(plan, removePlace(plan, kRight));
    EXPECT_TRUE(follower.places.contains(kLeft)) << "the one that leads stays";
    EXPECT_FALSE(follower.places.at(kLeft).pair);
}

RC_GTEST_PROP(PlaceEdits, AnyOrderOfThemKeepsThePlanValid, ())
{
    Plan plan = tests::demoPlan();
    for (int step = 0; step < 8 && !plan.places.empty(); ++step) {
        const auto at = std::next(plan.places.begin(), *rc::gen::inRange(0, static_cast<int>(plan.places.size())));
        Edit edit;
        switch (*rc::gen::inRange(0, 5)) {
            case 0:
                edit = addPlaces(
                    plan, PlaceKind::Door, "door",
                    {{tests::between(0.1, 3.0) - 3.0, tests::between(0.1, 1.6) - 0.8, 0.6}, {0.0, -1.0, 0.0}});
                break;
            case 1: {
                Place place = at->second;
                place.room[Quantity::Depth_m] = Known{tests::between(0.02, 0.2)};
                edit = changePlace(plan, at->first, place);
                break;
            }
            case 2:
                edit = freeSides(plan, at->first);
                break;
            case 3:
                edit = removePlace(plan, at->first);
                break;
            default:
                if (at->second.pair) edit = copySide(plan, plan.job.goal, at->first);
        }
        const Applied applied = apply(plan, edit);
        RC_ASSERT(validate(applied.plan).empty());
        RC_ASSERT(apply(applied.plan, applied.inverse).plan == plan);
        plan = applied.plan;
    }
}

}  // namespace
}  // namespace core
