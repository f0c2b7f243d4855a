// One plug off: what goes quiet follows from the wiring, what the amplifier sees from what is left.
#include "core/survey/unplug.h"

#include <gtest/gtest.h>

#include <array>

#include "core/fitout/resolve.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

Unplugged off(const Plan& plan, StageId stage, DeviceId device, const std::string& connector)
{
    const Evaluation evaluation = evaluate(plan, shippedShop().practice, std::array{stage});
    return whatUnpluggingDoes(*evaluation.stages.at(stage), device, connector, evaluation.practice, *evaluation.tables);
}

DeviceId labelled(const Plan& plan, const std::string& label)
{
    for (const auto& [key, device] : plan.devices)
        if (device && device->label == label) return key.key;
    ADD_FAILURE() << label;
    return {};
}

TEST(Unplug, TheRadiosPlugSilencesAll)
{
    const Unplugged radio = off(tests::demoPlan(), kFound, tests::kRadio, "main");
    EXPECT_EQ(radio.dead.size(), 2U);
    ASSERT_EQ(radio.loads.size(), 2U);
    for (const LoadChange& load : radio.loads) EXPECT_FALSE(load.after_ohm);
}

TEST(Unplug, ASpeakersPlugSilencesItAlone)
{
    const Unplugged left = off(tests::demoPlan(), kFound, tests::kLeftSpeaker, "tabs");
    ASSERT_EQ(left.dead.size(), 1U);
    EXPECT_EQ(left.dead[0].coil.device, tests::kLeftSpeaker);
    ASSERT_EQ(left.loads.size(), 1U);
    EXPECT_EQ(left.loads[0].channel, left.dead[0].channel);
    EXPECT_TRUE(off(tests::demoPlan(), kFound, tests::kLeftSpeaker, "no such plug").dead.empty());
}

// Two drivers side by side: with one off, the channel sees the other one alone.
TEST(Unplug, TheOtherDriverStaysAndIsAllTheLoad)
{
    const tests::TwelveRuns twelve;
    const DeviceId bass = labelled(twelve.plan, "BL other");
    const Unplugged without = off(twelve.plan, kFound, bass, "tabs");
    ASSERT_EQ(without.dead.size(), 1U);
    ASSERT_EQ(without.loads.size(), 1U);
    EXPECT_GT(*without.loads[0].after_ohm, without.loads[0].before_ohm);
    Plan alone = twelve.plan;
    alone.devices[{kFactory, bass}] = std::nullopt;
    const Evaluation evaluation = evaluate(alone, shippedShop().practice, std::array{kFound});
    EXPECT_DOUBLE_EQ(*without.loads[0].after_ohm,
                     findCircuit(*evaluation.stages.at(kFound), without.loads[0].channel)->least_ohm);
}

// Common practice, no source: a driver fed from another one's terminals dies with it.
TEST(Unplug, ALoopThroughDiesWithTheDriverItHangsOn)
{
    tests::TwelveRuns twelve;
    const DeviceId first = labelled(twelve.plan, "FR low");
    const auto second = drawId<DeviceId>(twelve.plan);
    twelve.plan.devices[{kFactory, second}] = twelve.plan.devices.at({kFactory, first});
    for (const char* terminal : {"1+", "1-"})
        twelve.plan.wires[{kFactory, drawId<WireId>(twelve.plan)}] = Wire{{first, terminal}, {second, terminal}};
    EXPECT_EQ(off(twelve.plan, kFound, first, "tabs").dead.size(), 2U);
    EXPECT_EQ(off(twelve.plan, kFound, labelled(twelve.plan, "FR other"), "tabs").dead.size(), 1U);
}

TEST(Unplug, KnowsThePlugsThatWiresHangOn)
{
    const Fitout fitout = resolve(tests::demoPlan(), kFound);
    EXPECT_EQ(pluggedConnectors(fitout, tests::kRadio), std::vector<std::string>{"main"});
    EXPECT_EQ(pluggedConnectors(fitout, tests::kLeftPlug), (std::vector<std::string>{"", "plug"}));
}

}  // namespace
}  // namespace core
