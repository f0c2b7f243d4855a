// A wire corrected below a stage that has made something of its own of it: what the stage made stays, on the corrected
// wire. Each of these cut a driver off once.
#include <gtest/gtest.h>

#include "core/edits/filter_edits.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/circuit.h"
#include "core/fitout/resolve.h"
#include "core/io/shop.h"
#include "core/model/validate.h"
#include "core/survey/lead_back.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::shop;

// An estate whose factory made two pairs of speakers; the left ones first.
struct Car {
    Plan plan = newPlan(BodyKind::Estate, shop().vehicles);
    std::vector<DeviceId> drivers{};

    Car()
    {
        const auto spots = usualSpots(plan.body, shop().vehicles);
        for (size_t i = 0; i < 2; ++i) plan = apply(plan, addSpeakers(plan, kFactory, spots[i], shop().practice)).plan;
        for (const auto& [key, device] : plan.devices)
            if (plan.parts.at(device->part).kind == PartKind::Driver) drivers.push_back(key.key);
    }
    void edit(const Edit& edit)
    {
        plan = apply(plan, edit).plan;
        ASSERT_TRUE(validate(plan).empty());
    }
    [[nodiscard]] std::vector<Run> at(StageId stage, DeviceId driver) const
    {
        std::vector<Run> own;
        for (const Run& run : runs(resolve(plan, stage)))
            if (run.id.coil.device == driver) own.push_back(run);
        return own;
    }
    [[nodiscard]] Port channel(StageId stage, DeviceId driver) const { return at(stage, driver).at(0).id.channel; }
};

TEST(CarriedUp, AChannelCorrectedBelowACapacitorTakesBothLegs)
{
    Car car;
    const DeviceId left = car.drivers[0], right = car.drivers[1];
    const Port other = car.channel(kFactory, right);
    car.edit(setFilter(car.plan, kFound, left, FilterPlace::Harness, Known{82e-6}));
    car.edit(connectSpeaker(car.plan, kFactory, left, other));
    for (const StageId stage : {kFactory, kFound}) {
        ASSERT_EQ(car.at(stage, left).size(), 1U);
        EXPECT_EQ(car.channel(stage, left), other);
    }
    EXPECT_EQ(car.at(kFound, left)[0].seriesCapacitors.size(), 1U) << "and the capacitor is still before it";
    EXPECT_TRUE(car.at(kFactory, left)[0].seriesCapacitors.empty());
}

TEST(CarriedUp, ACapacitorPutInOrTakenOutBelowIsSoWhereTheChannelIsAnother)
{
    Car car;
    const DeviceId left = car.drivers[0], right = car.drivers[1];
    const Port other = car.channel(kFactory, right);
    car.edit(connectSpeaker(car.plan, kFound, left, other));
    const Plan before = car.plan;
    car.edit(setFilter(car.plan, kFactory, left, FilterPlace::Harness, Known{82e-6}));
    ASSERT_EQ(car.at(kFound, left).size(), 1U);
    EXPECT_EQ(car.at(kFound, left)[0].seriesCapacitors.size(), 1U);
    EXPECT_EQ(car.channel(kFound, left), other);
    car.edit(setFilter(car.plan, kFactory, left, FilterPlace::None, std::nullopt));
    ASSERT_EQ(car.at(kFound, left).size(), 1U);
    EXPECT_TRUE(car.at(kFound, left)[0].seriesCapacitors.empty());
    EXPECT_EQ(car.channel(kFound, left), other);
    EXPECT_EQ(resolve(car.plan, kFound).wires, resolve(before, kFound).wires);
}

TEST(CarriedUp, ALoopThroughBelowClosesNoRingAbove)
{
    Car car;
    const DeviceId first = car.drivers[0], second = car.drivers[2];
    car.edit(loopThrough(car.plan, kFound, first, second));
    const auto was = resolve(car.plan, kFound).wires;
    const Port own = car.channel(kFactory, first);
    car.edit(loopThrough(car.plan, kFactory, second, first));
    EXPECT_EQ(resolve(car.plan, kFound).wires, was) << "as it was found";
    EXPECT_EQ(car.channel(kFactory, second), own);
    for (const DeviceId driver : car.drivers)
        for (const StageId stage : {kFactory, kFound}) EXPECT_EQ(car.at(stage, driver).size(), 1U);
}

// With a capacitor before the first, the second one's plus is joined to its wire before the capacitor: the way back
// goes along that wire, not through the capacitor to the first driver.
TEST(LeadBack, GoesOnByAWireThatIsJoinedAtAPin)
{
    Car car;
    const DeviceId first = car.drivers[0], second = car.drivers[2];
    const Port own = car.channel(kFactory, first), free = car.channel(kFactory, second);
    car.edit(loopThrough(car.plan, kFactory, second, first));
    car.edit(setFilter(car.plan, kFactory, first, FilterPlace::Harness, Known{82e-6}));
    const LeadBack back = leadBack(resolve(car.plan, kFactory), {second, "1+"});
    EXPECT_EQ(back.from.device, own.device);
    EXPECT_EQ(back.wires.size(), 2U);
    EXPECT_EQ(back.arrival, (Pin{second, "1+"})) << "what is before that is the first one's too";
    // Its own channel again: the first keeps what feeds it.
    car.edit(connectSpeaker(car.plan, kFactory, second, free));
    EXPECT_EQ(car.channel(kFactory, second), free);
    EXPECT_EQ(car.channel(kFactory, first), own);
}

// A driver whose plug another one is joined to may not be fed from that one: the wire would go from it to itself.
TEST(MayFeed, NotWhatComesByTheSameWire)
{
    Car car;
    const DeviceId first = car.drivers[0], second = car.drivers[2];
    car.edit(loopThrough(car.plan, kFactory, second, first));
    car.edit(setFilter(car.plan, kFactory, first, FilterPlace::Plug, Known{82e-6}));
    const Fitout fitout = resolve(car.plan, kFactory);
    EXPECT_FALSE(mayFeed(fitout, second, first));
    EXPECT_FALSE(mayFeed(fitout, car.drivers[3], first)) << "nor from the one on the other side";
    EXPECT_TRUE(loopThrough(car.plan, kFactory, first, second).changes.empty());
    EXPECT_TRUE(mayFeed(fitout, first, second));
}

}  // namespace
}  // namespace core
