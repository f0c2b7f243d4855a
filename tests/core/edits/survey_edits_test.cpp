// What a walk-round writes: from an empty vehicle to wired speakers, every step one edit that undo takes back whole.
#include "core/edits/survey_edits.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

#include "core/edits/panel_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/source_edits.h"
#include "core/evaluate/driver_mounting.h"
#include "core/fitout/resolve.h"
#include "core/fitout/wiring_graph.h"
#include "core/job/job_plan.h"
#include "core/model/names.h"
#include "core/model/validate.h"
#include "core/survey/channel_map.h"
#include "core/survey/unplug.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using namespace tests;

std::string channelOf(const Plan& plan, const std::string& place)
{
    const DeviceId driver = driverAt(plan, place);
    for (const core::Run& run : runs(resolve(plan, kFound)))
        if (run.id.coil.device == driver) return run.id.channel.element;
    return {};
}

class EveryKind : public testing::TestWithParam<BodyKind> {};

// Whatever came in: all its usual spots taken, it is a valid plan, every driver plays, left and right mirror each
// other.
TEST_P(EveryKind, CanBeFilledSpotBySpot)
{
    Plan plan = newPlan(GetParam(), shop().vehicles);
    EXPECT_TRUE(validate(plan).empty());
    EXPECT_FALSE(plan.listeners.empty());
    const auto spots = usualSpots(plan.body, shop().vehicles);
    for (const UsualSpot& spot : spots) {
        EXPECT_TRUE(shop().practice.classes.contains(spot.driverClass)) << spot.name;
        plan = after(plan, addSpeakers(plan, kFactory, spot, shop().practice));
    }
    const Fitout fitout = resolve(plan, kFound);
    const auto found = runs(fitout);
    for (const auto& [id, place] : plan.places) {
        const bool plays = std::any_of(found.begin(), found.end(), [&](const core::Run& run) {
            return fitout.devices.at(run.id.coil.device).at == id;
        });
        EXPECT_TRUE(plays) << place.name;
        if (place.pair) {
            EXPECT_EQ(plan.places.at(place.pair).frame, mirrored(place.frame));
        }
    }
    for (const core::Run& run : found) EXPECT_EQ(run.sign, 1) << "plus to plus";
    const Evaluation evaluation = evaluateJob(plan, shop().practice);
    for (const auto& [listener, heard] : evaluation.stages.at(kFound)->hearing)
        EXPECT_TRUE(heard.level_db.isFinite().all());
}
INSTANTIATE_TEST_SUITE_P(Vehicles, EveryKind,
                         testing::Values(BodyKind::Hatchback, BodyKind::Saloon, BodyKind::Estate, BodyKind::Coupe,
                                         BodyKind::Classic, BodyKind::Pickup, BodyKind::OffRoad, BodyKind::Van,
                                         BodyKind::Bus, BodyKind::OpenTwoSeater, BodyKind::OpenSideBySide,
                                         BodyKind::Motorcycle, BodyKind::Boat),
                         [](const auto& tested) { return std::string(textOf(tested.param)); });

TEST(AddSpeakers, AFactoryTweeterSharesThePairOfItsWoofer)
{
    const Plan plan = withSpots(BodyKind::Estate, {"front door", "sail", "rear door"});
    EXPECT_EQ(channelOf(plan, "left front door"), "FL");
    EXPECT_EQ(channelOf(plan, "right front door"), "FR");
    EXPECT_EQ(channelOf(plan, "left sail"), "FL");
    EXPECT_EQ(channelOf(plan, "right rear door"), "RR");
    int sources = 0;
    for (const auto& [id, device] : resolve(plan, kFound).devices)
        if (isSource(plan.parts.at(device.part))) ++sources;
    EXPECT_EQ(sources, 1) << "one amplifier of which nothing is known";
}

TEST(AddSpeakers, ChannelsOfAKnownSourceAreUsedFirst)
{
    Plan plan = newPlan(BodyKind::Saloon, shop().vehicles);
    plan = after(plan, addSource(plan, kFactory, PartKind::Radio, {"FL", "FR"}, {}));
    plan = after(plan, addSpeakers(plan, kFactory, spotOf(plan, "front door"), shop().practice));
    const Fitout fitout = resolve(plan, kFound);
    for (const core::Run& run : runs(fitout))
        EXPECT_EQ(fitout.parts.at(fitout.devices.at(run.id.channel.device).part).kind, PartKind::Radio);
    EXPECT_EQ(plan.parts.at(fitout.devices.begin()->second.part).inside.at("FL").twin, "FR");
}

// f = 1/(2 pi R C), the first-order corner.
TEST(OwnCapacitor, CutsWhereItsValueSaysAndGoesAgain)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door"});
    const DeviceId driver = driverAt(plan, "left front door");
    Part part = plan.parts.at(resolve(plan, kFound).devices.at(driver).part);
    const Part without = part;
    part.figures[Quantity::Nominal_ohm] = Known{4.0};
    setOwnCapacitor(part, Known{68e-6});
    plan = after(plan, changePart(plan, kFactory, driver, part));
    const Evaluation evaluation = evaluateJob(plan, shop().practice);
    const RunResult* run = findRunOfDevice(*evaluation.stages.at(kFound), driver);
    ASSERT_NE(run, nullptr);
    ASSERT_TRUE(run->idealCorner_hz);
    EXPECT_NEAR(*run->idealCorner_hz, 1.0 / (2.0 * std::numbers::pi * 4.0 * 68e-6), 1e-6);
    setOwnCapacitor(part, Known{33e-6});
    EXPECT_EQ(allOf(part, ElementKind::Capacitor).size(), 1U);
    setOwnCapacitor(part, std::nullopt);
    part.figures.clear();
    EXPECT_EQ(part, without);
}

TEST(ChangePart, ReachesBothSidesButNobodyElse)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door", "rear door"});
    const DeviceId left = driverAt(plan, "left front door"), right = driverAt(plan, "right front door");
    Part part = plan.parts.at(resolve(plan, kFound).devices.at(right).part);
    part.figures[Quantity::Nominal_ohm] = Known{2.0};
    plan = after(plan, seenThere(plan, kFactory, right, part));  // the side that follows is written to, too
    const Fitout fitout = resolve(plan, kFound);
    EXPECT_EQ(fitout.devices.at(left).part, fitout.devices.at(right).part);
    EXPECT_EQ(fitout.parts.at(fitout.devices.at(left).part).figures.at(Quantity::Nominal_ohm).value, 2.0);
    EXPECT_EQ(fitout.devices.at(left).basis.origin, Origin::Stated) << "somebody looked";
    const DeviceId rear = driverAt(plan, "left rear door");
    EXPECT_TRUE(fitout.parts.at(fitout.devices.at(rear).part).figures.empty());

    plan = after(plan, freeSides(plan, placeNamed(plan, "left front door")));
    part.figures[Quantity::Nominal_ohm] = Known{3.0};
    plan = after(plan, changePart(plan, kFactory, left, part));
    const Fitout apart = resolve(plan, kFound);
    EXPECT_EQ(apart.parts.at(apart.devices.at(left).part).figures.at(Quantity::Nominal_ohm).value, 3.0);
    EXPECT_EQ(apart.parts.at(apart.devices.at(right).part).figures.at(Quantity::Nominal_ohm).value, 2.0);
}

TEST(ConnectSpeaker, TakesItsPairToAnotherChannelAndTheTwinToItsTwin)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door", "rear door"});
    const DeviceId rear = driverAt(plan, "left rear door");
    const DeviceId source = runs(resolve(plan, kFound)).front().id.channel.device;
    plan = after(plan, connectSpeaker(plan, kFactory, rear, {source, "FL"}));
    EXPECT_EQ(channelOf(plan, "left rear door"), "FL");
    EXPECT_EQ(channelOf(plan, "right rear door"), "FR");
    EXPECT_EQ(channelOf(plan, "left front door"), "FL");
}

// Where there is a plug before the speaker, it is the plug that is taken to the other channel.
TEST(ConnectSpeaker, GoesThroughThePlug)
{
    Plan plan = tests::demoPlan();
    plan = after(plan, connectSpeaker(plan, kFound, tests::kLeftSpeaker, {tests::kRadio, "RR"}));
    for (const core::Run& run : runs(resolve(plan, kFound)))
        if (run.id.coil.device == tests::kLeftSpeaker) {
            EXPECT_EQ(run.id.channel.element, "RR");
            EXPECT_EQ(run.sign, 1);
            EXPECT_NE(std::find(run.along.begin(), run.along.end(), tests::kLeftPlug), run.along.end());
        }
}

// Common practice, no source: a driver wired on from another's plug goes quiet with it.
TEST(LoopThrough, UnpluggingTheFirstSilencesBoth)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door", "sail"});
    const DeviceId woofer = driverAt(plan, "left front door"), tweeter = driverAt(plan, "left sail");
    plan = after(plan, loopThrough(plan, kFactory, tweeter, woofer));
    const auto dead = [&](DeviceId device) {
        const Fitout off = unplug(resolve(plan, kFound), device, "plug");
        std::set<DeviceId> quiet{woofer, tweeter};
        for (const core::Run& run : runs(off)) quiet.erase(run.id.coil.device);
        return quiet;
    };
    EXPECT_EQ(dead(woofer), (std::set{woofer, tweeter}));
    EXPECT_EQ(dead(tweeter), (std::set{tweeter}));
    EXPECT_EQ(channelOf(plan, "right sail"), "FR") << "the other side likewise";
}

TEST(RemoveSpeaker, LeavesNoWireBehindAtThatStage)
{
    const Plan full = withSpots(BodyKind::Estate, {"front door", "sail"});
    const Plan plan = after(full, removeSpeaker(full, kFound, driverAt(full, "right sail")));
    const Fitout found = resolve(plan, kFound);
    EXPECT_TRUE(found.loose.empty());
    EXPECT_EQ(runs(found).size(), 2U);
    EXPECT_EQ(runs(resolve(plan, kFactory)).size(), 4U) << "what the factory made stays";
    const Plan never = after(full, removeSpeaker(full, kFactory, driverAt(full, "left sail")));
    EXPECT_EQ(runs(resolve(never, kFactory)).size(), 2U);
}

TEST(SetBody, MovesTheSeatsThatStandWhereTheyUsuallyDo)
{
    Plan plan = newPlan(BodyKind::Estate, shop().vehicles);
    const ListenerId driver = plan.listeners.begin()->first;
    ASSERT_EQ(plan.listeners.at(driver).seat, Seat::Driver);
    const Vec3 usual_m = plan.listeners.at(driver).head_m;
    Body body = plan.body;
    body.wheelOnLeft = false;
    plan = after(plan, setBody(plan, body, shop().vehicles));
    EXPECT_EQ(plan.listeners.at(driver).head_m, (Vec3{usual_m.x, -usual_m.y, usual_m.z}));
    plan = after(plan, moveSeat(plan, driver, {-1.6, -0.4, 1.25}));
    body.wheelOnLeft = true;
    plan = after(plan, setBody(plan, body, shop().vehicles));
    EXPECT_EQ(plan.listeners.at(driver).head_m, (Vec3{-1.6, -0.4, 1.25})) << "a measured seat stays";
    body.kind = BodyKind::Motorcycle;
    plan = after(plan, setBody(plan, body, shop().vehicles));
    EXPECT_EQ(plan.body.length_m, shop().vehicles.at(BodyKind::Motorcycle).length_m);
}

TEST(SetBody, ASingleCabHasOneRow)
{
    Plan plan = newPlan(BodyKind::Pickup, shop().vehicles);
    EXPECT_EQ(plan.listeners.size(), 4U);
    Body body = plan.body;
    body.cab = Cab::Single;
    plan = after(plan, setBody(plan, body, shop().vehicles));
    EXPECT_EQ(plan.listeners.size(), 2U);
    for (const UsualSpot& spot : usualSpots(plan.body, shop().vehicles)) EXPECT_EQ(spot.row, 1) << spot.name;
}

TEST(AlterPlace, IsSaidOfBothSidesAndTakenBack)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door"});
    const PlaceId right = placeNamed(plan, "right front door");
    const Plan bare = plan;
    plan = after(plan, alterPlace(plan, kFactory, right, AlterationKind::Seal, true));
    for (const auto& [id, place] : plan.places) EXPECT_TRUE(isAltered(resolve(plan, kFound), id, AlterationKind::Seal));
    Plan back = after(plan, alterPlace(plan, kFactory, right, AlterationKind::Seal, false));
    back.lastId = bare.lastId;  // ids are used once
    EXPECT_EQ(back, bare);
}

TEST(ColourWire, IsOfOneSideAlone)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door"});
    const WireId first = resolve(plan, kFactory).wires.begin()->first;
    plan = after(plan, colourWire(plan, kFactory, first, "grey/black"));
    int coloured = 0;
    for (const auto& [id, wire] : resolve(plan, kFound).wires) coloured += wire.colour.empty() ? 0 : 1;
    EXPECT_EQ(coloured, 1);
    plan = after(plan, colourWire(plan, kFound, first, "white"));  // spliced by somebody
    EXPECT_EQ(resolve(plan, kFactory).wires.at(first).colour, "grey/black");
    EXPECT_EQ(resolve(plan, kFound).wires.at(first).colour, "white");
}

TEST(Panels, AreMirroredWithTheirPlaceUntilFreed)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door", "sail"});
    const PlaceId left = placeNamed(plan, "left front door"), right = placeNamed(plan, "right front door");
    plan = after(plan, addPanel(plan, left, "door card"));
    const PanelId own = plan.places.at(left).wayIn.front(), twin = plan.places.at(right).wayIn.front();
    EXPECT_NE(own, twin);
    Panel panel = plan.panels.at(own);
    panel.fasteners = {{FastenerKind::Screw, "T20", 2, true, "behind the handle cup"}};
    panel.leave = "the yellow plug";
    plan = after(plan, changePanel(plan, own, panel));
    EXPECT_EQ(plan.panels.at(twin).fasteners, panel.fasteners);
    plan = after(plan, usePanel(plan, placeNamed(plan, "right sail"), twin));
    EXPECT_EQ(plan.places.at(placeNamed(plan, "left sail")).wayIn, std::vector{own}) << "mirrored";
    plan = after(plan, freeSides(plan, left));
    panel.fasteners.push_back({FastenerKind::Bolt, "M6", 1, false, "under the armrest"});
    plan = after(plan, changePanel(plan, own, panel));
    EXPECT_EQ(plan.panels.at(twin).fasteners.size(), 1U);
    const Plan alike = after(plan, copySide(plan, kFactory, left));
    EXPECT_EQ(alike.panels.at(twin).fasteners, panel.fasteners) << "what comes off is copied with the side";
    EXPECT_TRUE(alike.panels.at(twin).followsPair);
    plan = after(plan, removePanel(plan, twin));
    EXPECT_TRUE(plan.places.at(right).wayIn.empty());
    EXPECT_FALSE(plan.panels.at(own).pair);
    const Plan without = after(plan, removePlace(plan, left));
    EXPECT_TRUE(without.places.empty() || without.panels.contains(own)) << "the sail still needs it";
}

TEST(ChannelMap, SaysWhatIsOpenUntilNothingIs)
{
    Plan plan = withSpots(BodyKind::Estate, {"front door"});
    const auto mapOf = [&] {
        const Evaluation evaluation = evaluateJob(plan, shop().practice);
        return channelMap(*evaluation.stages.at(kFound), evaluation.frequency_hz);
    };
    EXPECT_EQ(mapOf().rows.front().gaps, (std::set{Gap::Driver, Gap::Colours, Gap::Ohms, Gap::Depth, Gap::WayIn}));
    const DeviceId driver = driverAt(plan, "left front door");
    Part part = plan.parts.at(resolve(plan, kFound).devices.at(driver).part);
    part.figures[Quantity::Nominal_ohm] = Known{4.0};
    plan = after(plan, seenThere(plan, kFactory, driver, part));
    for (const auto& [id, wire] : resolve(plan, kFound).wires)
        plan = after(plan, colourWire(plan, kFactory, id, "grey"));
    Place place = plan.places.at(placeNamed(plan, "left front door"));
    place.room[Quantity::Depth_m] = Known{0.06};
    plan = after(plan, changePlace(plan, placeNamed(plan, "left front door"), place));
    plan = after(plan, addPanel(plan, placeNamed(plan, "left front door"), "door card"));
    EXPECT_TRUE(mapOf().complete());
    plan = after(plan, addPlaces(plan, PlaceKind::Pillar, "pillar", {{-0.9, 0.6, 1.1}, {-0.8, -0.6, 0.0}}));
    const ChannelMap more = mapOf();
    EXPECT_FALSE(more.complete()) << "an empty place is an open question";
    const auto channels = more.rows.front().channels;
    EXPECT_EQ(channels.front().element, "FL");
    ASSERT_TRUE(more.rows.front().from_hz);
}

// A coaxial is bought, listed and taken out as one thing, whatever plays inside it.
TEST(ChannelMap, HasOneRowForACoaxial)
{
    const Plan plan = tests::withSpots(BodyKind::Estate, {"rear door"});
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& found = *evaluation.stages.at(kFound);
    EXPECT_EQ(found.runs.size(), 4U) << "two ways on each side";
    EXPECT_EQ(channelMap(found, evaluation.frequency_hz).rows.size(), 2U);
}

TEST(ChannelMap, NamesAChannelOnWhichNothingHangs)
{
    Plan plan = newPlan(BodyKind::Hatchback, shop().vehicles);
    plan = after(plan, addSource(plan, kFactory, PartKind::Amplifier, {"FL", "FR", "S"}, {}));
    plan = after(plan, addSpeakers(plan, kFactory, spotOf(plan, "front door"), shop().practice));
    const Evaluation evaluation = evaluateJob(plan, shop().practice);
    const ChannelMap map = channelMap(*evaluation.stages.at(kFound), evaluation.frequency_hz);
    ASSERT_EQ(map.idleChannels.size(), 1U);
    EXPECT_EQ(map.idleChannels.front().element, "S");
}

}  // namespace
}  // namespace core
