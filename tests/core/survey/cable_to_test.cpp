// The cable that leaves a source.
#include "core/survey/cable_to.h"

#include <gtest/gtest.h>

#include "core/edits/lead_edits.h"
#include "core/edits/network_edits.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;

// 5 m of 1.5 mm2, there and back 10 m: by IEC 60028 17.241 mohm mm2 / m, 0.115 ohm, and strands run some percent round.
TEST(CableTo, HasTheOhmsOfBothCores)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId door = tests::driverAt(plan, "left front door"), sail = tests::driverAt(plan, "left sail");
    const Practice& practice = tests::shop().practice;
    const auto cable = [&](DeviceId speaker) { return cableTo(resolve(plan, plan.job.goal), speaker, practice); };
    ASSERT_TRUE(cable(door));
    EXPECT_EQ(cable(door)->loop_ohm, 0.0) << "nobody knows it";
    plan = after(plan, noteCable(plan, plan.job.goal, door, Quantity::Length_m, Known{5.0, {Origin::Stated}}));
    EXPECT_EQ(cable(door)->loop_ohm, 0.0) << "how thick it is, nobody knows";
    EXPECT_EQ(cable(door)->length_m->value, 5.0);
    plan = after(plan, noteCable(plan, plan.job.goal, door, Quantity::Area_m2, Known{1.5e-6, {Origin::Stated}}));
    const double lay = practice[PracticeKey::WireResistivityLay_ratio];
    const double loop_ohm = 10.0 * 0.017241 / 1.5 * (1.0 + lay);
    EXPECT_NEAR(cable(door)->loop_ohm, loop_ohm, 1e-6);
    EXPECT_NEAR(cable(tests::driverAt(plan, "right front door"))->loop_ohm, loop_ohm, 1e-6) << "it follows";
    // Behind a board both hang on the same one.
    plan = after(plan, fitMadeNetwork(plan, tests::onBoard(door, sail), tests::partsOf({.tweeterSeries_f = 4.7e-6})));
    for (const DeviceId one : {door, sail}) EXPECT_NEAR(cable(one)->loop_ohm, loop_ohm, 1e-6);
}

// Circuit theory: of 4 ohm in all with 0.4 in the cable nine tenths arrive, 0.915 dB less.
TEST(CableTo, LosesByItsShare)
{
    EXPECT_NEAR(cableLoss_db({.loop_ohm = 0.4}, 4.0), 0.915, 5e-4);
    EXPECT_EQ(cableLoss_db({}, 4.0), 0.0);
}

TEST(CableTo, IsNothingWhereNothingFeeds)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId door = tests::driverAt(plan, "left front door");
    for (const auto& [id, wire] : resolve(plan, kFound).wires)
        if (wire.a.device == door || wire.b.device == door) plan.wires[{kFound, id}] = std::nullopt;
    EXPECT_FALSE(cableTo(resolve(plan, plan.job.goal), door, tests::shop().practice));
}

}  // namespace
}  // namespace core
