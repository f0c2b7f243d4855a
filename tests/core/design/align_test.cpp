// Delays, levels and polarity. What must come out follows from geometry and symmetry.
#include "core/design/align.h"

#include <gtest/gtest.h>

#include "core/evaluate/evaluate.h"
#include "core/physics/path.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

// Two alike drivers in the open, left and right of one head, each on its own channel; the distances are to the head.
struct TwoSides {
    Plan plan = tests::demoPlan();
    const ListenerId driver{5}, passenger{6};
    const Port left{tests::kRadio, "RL"}, right{tests::kRadio, "RR"};

    TwoSides(double left_m, double right_m)
    {
        plan.body.kind = BodyKind::Motorcycle;
        plan.listeners.at(driver).head_m = {0.0, 0.0, 1.0};
        plan.listeners.at(passenger).head_m = {0.0, -0.8, 1.0};
        put(tests::kLeftSpeaker, {0.3, std::sqrt(left_m * left_m - 0.09), 1.0});
        put(tests::kRightSpeaker, {0.3, -std::sqrt(right_m * right_m - 0.09), 1.0});
    }
    void put(DeviceId device, const Vec3& at)
    {
        const Vec3 way = plan.listeners.at(driver).head_m - at;
        plan.mounts[{plan.job.goal, device}] = Mount{.frame = Frame{at, (1.0 / length(way)) * way}};
    }
    [[nodiscard]] Alignment aligned(const std::vector<ListenerId>& seats) const
    {
        return *align(plan, shippedShop().practice, seats);
    }
    static const ChannelAlignment& of(const Alignment& found, const Port& channel)
    {
        return *std::find_if(found.channels.begin(), found.channels.end(),
                             [&](const ChannelAlignment& one) { return one.channel == channel; });
    }
};

// Source: F1, delays (max r - r)/c and level 20 log(r/r0), 0.92 m against 1.58 m: 1.92299 ms, 4.69739 dB.
TEST(Align, OneSeatGetsTheDelaysOfItsGeometry)
{
    const TwoSides two(0.92, 1.58);
    const Alignment found = two.aligned({two.driver});
    const double later_s = TwoSides::of(found, two.left).now.delay_s - TwoSides::of(found, two.right).now.delay_s;
    EXPECT_NEAR(later_s, 1.92299e-3, 0.05e-3);
    EXPECT_NEAR(TwoSides::of(found, two.right).now.gain_db - TwoSides::of(found, two.left).now.gain_db, 4.69739, 0.5);
    EXPECT_NEAR(*found.after[0].image, 0.0, 0.05);
    EXPECT_LT(found.after[0].loss_db, found.before[0].loss_db);
    for (const ChannelAlignment& channel : found.channels) EXPECT_EQ(channel.now.reversed, channel.was.reversed);
}

TEST(Align, WhatItPredictsIsWhatEvaluateFinds)
{
    const TwoSides two(0.92, 1.58);
    const Alignment found = two.aligned({two.driver});
    const Evaluation after = tests::evaluated(apply(two.plan, found.edit).plan);
    EXPECT_NEAR(*after.stages.at(two.plan.job.goal)->hearing.at(two.driver).image, *found.after[0].image, 0.02);
    const Evaluation before = tests::evaluated(two.plan);
    EXPECT_NEAR(*before.stages.at(two.plan.job.goal)->hearing.at(two.driver).image, *found.before[0].image, 0.02);
}

// Seats that mirror each other want the same of both sides: nothing is gained by favouring one.
TEST(Align, TwoMirroredSeatsAreTreatedAlike)
{
    TwoSides two(1.0, 1.0);
    two.plan.listeners.at(two.driver).head_m = {0.0, 0.4, 1.0};
    two.plan.listeners.at(two.passenger).head_m = {0.0, -0.4, 1.0};
    const Alignment found = two.aligned({two.driver, two.passenger});
    EXPECT_NEAR(TwoSides::of(found, two.left).now.delay_s, TwoSides::of(found, two.right).now.delay_s, 0.05e-3);
    EXPECT_NEAR(TwoSides::of(found, two.left).now.gain_db, TwoSides::of(found, two.right).now.gain_db, 0.3);
    EXPECT_NEAR(*found.after[0].image, -*found.after[1].image, 0.05);
}

TEST(Align, AReversedChannelIsTurnedBack)
{
    TwoSides two(1.0, 1.0);
    two.plan.settings[{two.plan.job.goal, two.right}] = Setting{.reversed = true};
    const Alignment found = two.aligned({two.driver});
    EXPECT_EQ(TwoSides::of(found, two.left).now.reversed, TwoSides::of(found, two.right).now.reversed);
    EXPECT_GT(found.before[0].loss_db, 6.0);
    EXPECT_LT(found.after[0].loss_db, 0.5);
}

TEST(Align, WhatCannotDelayIsNotAskedTo)
{
    TwoSides two(0.92, 1.58);
    Part& radio = two.plan.parts.at({7});
    radio.figures[Quantity::MostDelay_s] = Known{0.0};
    const Alignment cannot = two.aligned({two.driver});
    EXPECT_FALSE(cannot.canDelay);
    for (const ChannelAlignment& channel : cannot.channels) {
        EXPECT_EQ(channel.now.delay_s, 0.0);
        EXPECT_TRUE(channel.delayKnown);
    }
    radio.figures[Quantity::MostDelay_s] = Known{1e-3};  // less than geometry asks for
    const Alignment little = two.aligned({two.driver});
    EXPECT_NEAR(TwoSides::of(little, two.left).now.delay_s, 1e-3, 1e-5);
    EXPECT_TRUE(little.canDelay);
}

TEST(Align, LeavesAloneWhatIsRightAndAsksForTwoChannels)
{
    const TwoSides two(1.2, 1.2);
    EXPECT_TRUE(two.aligned({two.driver}).edit.changes.empty());
    Plan one = two.plan;
    one.devices[{one.job.goal, tests::kRightSpeaker}] = std::nullopt;
    EXPECT_FALSE(align(one, shippedShop().practice, std::vector{two.driver}));
}

// Channels that do not name each other are twins by their places; F1: 4.69739 dB between 0.92 and 1.58 m.
TEST(Align, TwinsAreFoundByTheirPlacesToo)
{
    TwoSides two(0.92, 1.58);
    for (auto& [name, element] : two.plan.parts.at({7}).inside) element.twin.clear();
    const Alignment found = two.aligned({two.driver});
    EXPECT_NEAR(TwoSides::of(found, two.right).now.gain_db - TwoSides::of(found, two.left).now.gain_db, 4.69739, 0.5);
}

TEST(Align, StoppedItGivesNothing)
{
    const TwoSides two(0.92, 1.58);
    std::stop_source source;
    source.request_stop();
    EXPECT_FALSE(align(two.plan, shippedShop().practice, std::vector{two.driver}, {}, source.get_token()));
}

TEST(Align, IsOneUndoableStep)
{
    const TwoSides two(0.92, 1.58);
    const Alignment found = two.aligned({two.driver});
    const Applied applied = apply(two.plan, found.edit);
    EXPECT_EQ(apply(applied.plan, applied.inverse).plan, two.plan);
}

}  // namespace
}  // namespace core
