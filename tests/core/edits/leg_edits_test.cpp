// A part carried along its lead, and a leg made for other ohms. What a ladder does is checked by circuit theory: a
// shunt moves past a part in the lead and nothing else changes the response; values scale with the load (impedance
// scaling: A. I. Zverev, "Handbook of Filter Synthesis", 1967).
#include "core/edits/leg_edits.h"

#include <gtest/gtest.h>

#include <complex>

#include "core/base/grid.h"
#include "core/edits/element_edits.h"
#include "core/edits/network_edits.h"
#include "core/evaluate/leg_response.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;

class LegEdits : public testing::Test {
protected:
    void make(const LegParts& tweeter, const LegParts& woofer = {})
    {
        m_job.plan = after(m_job.plan, fitMadeNetwork(m_job.plan, tests::onBoard(m_job.door, m_job.sail),
                                                      {{Leg::Woofer, woofer}, {Leg::Tweeter, tweeter}}));
    }
    [[nodiscard]] static DeviceId boardOn(const Plan& plan, DeviceId speaker)
    {
        return networkOf(resolve(plan, plan.job.goal), speaker);
    }
    [[nodiscard]] static LegParts tweeterLeg(const Plan& plan, DeviceId speaker)
    {
        const Fitout used = resolve(plan, plan.job.goal);
        return *partsOn(partOf(used, networkOf(used, speaker)), Leg::Tweeter);
    }
    [[nodiscard]] std::optional<MovedPart> move(const Plan& plan, const char* name, Along along) const
    {
        return movePart(plan, {boardOn(plan, m_job.door), name}, along);
    }

    tests::SetInDoors m_job = tests::setInDoors();
    DeviceId m_right = driverAt(m_job.plan, "right front door");
};

constexpr LegPart kC{ElementKind::Capacitor, true, 6.8e-6}, kC2{ElementKind::Capacitor, true, 22e-6};
constexpr LegPart kL{ElementKind::Inductor, false, 0.39e-3}, kR{ElementKind::Resistor, true, 2.2};
constexpr LegPart kAcross{ElementKind::Resistor, false, 10.0};

TEST_F(LegEdits, APartMovesPastTheNextThatLiesTheOtherWay)
{
    make({kC, kL, kC2, kR});
    const auto moved = move(m_job.plan, "Rt", Along::ToInput);
    ASSERT_TRUE(moved);
    EXPECT_EQ(moved->now, (Port{boardOn(m_job.plan, m_job.door), "Rt"}));
    const Plan then = after(m_job.plan, moved->edit);
    EXPECT_EQ(tweeterLeg(then, m_job.door), (LegParts{kC, kR, kL, kC2})) << "past the capacitor it lies in line with";
    EXPECT_EQ(tweeterLeg(then, m_right), tweeterLeg(then, m_job.door)) << "the other side follows";
    // Once more: nothing lies across before it.
    EXPECT_FALSE(move(then, "Rt", Along::ToInput));
    EXPECT_FALSE(move(then, "Ct", Along::ToInput));
    EXPECT_FALSE(move(then, "Ct2", Along::ToSpeaker));
    const auto back = move(then, "Rt", Along::ToSpeaker);
    ASSERT_TRUE(back);
    EXPECT_EQ(tweeterLeg(after(then, back->edit), m_job.door), (LegParts{kC, kL, kR, kC2}));
    EXPECT_EQ(apply(then, apply(m_job.plan, moved->edit).inverse).plan, m_job.plan) << "one step back";
}

// A name tells the rank of its kind: what is carried past another of its kind has that one's name then.
TEST_F(LegEdits, ItIsFoundAgainByItsRank)
{
    make({kC, kL, kC2});
    const auto moved = move(m_job.plan, "Ct2", Along::ToInput);
    ASSERT_TRUE(moved);
    EXPECT_EQ(moved->now.element, "Ct2") << "after the other one, before the coil";
    const Plan then = after(m_job.plan, moved->edit);
    EXPECT_EQ(tweeterLeg(then, m_job.door), (LegParts{kC, kC2, kL}));
    const auto coil = move(then, "Lt", Along::ToInput);
    ASSERT_TRUE(coil);
    EXPECT_EQ(tweeterLeg(after(then, coil->edit), m_job.door), (LegParts{kC, kL, kC2}));
    make({kAcross, kC, kL});
    const auto first = move(m_job.plan, "Lt", Along::ToInput);
    ASSERT_TRUE(first);
    EXPECT_EQ(first->now.element, "Lt") << "beside another one across: names go by kind";
    EXPECT_EQ(tweeterLeg(after(m_job.plan, first->edit), m_job.door), (LegParts{kL, kAcross, kC}));
}

// A capacitor with 100 V keeps them wherever it lies.
TEST_F(LegEdits, WhatIsKnownOfItGoesAlong)
{
    make({kC, kL, kC2});
    const DeviceId board = boardOn(m_job.plan, m_job.door);
    m_job.plan = after(m_job.plan, rateCapacitor(m_job.plan, {board, "Ct"}, 100.0));
    m_job.plan = after(m_job.plan, rateCapacitor(m_job.plan, {board, "Ct2"}, 250.0));
    const Plan then = after(m_job.plan, move(m_job.plan, "Ct", Along::ToSpeaker)->edit);
    const Part part = partOf(resolve(then, then.job.goal), boardOn(then, m_job.door));
    const auto volts = [&](const char* name) {
        return valueOf(part.inside.at(name).figures, Quantity::RatedVoltage_v);
    };
    EXPECT_EQ(tweeterLeg(then, m_job.door), (LegParts{kL, kC, kC2}));
    EXPECT_EQ(volts("Ct"), 100.0);
    EXPECT_EQ(volts("Ct2"), 250.0);
}

TEST_F(LegEdits, WhatHoldsItWhereItIs)
{
    make({kC, kL, kC2});
    const DeviceId board = boardOn(m_job.plan, m_job.door);
    EXPECT_FALSE(movePart(m_job.plan, {m_job.door, "coil"}, Along::ToInput)) << "no board";
    EXPECT_TRUE(move(m_job.plan, "Lt", Along::ToInput));
    const Plan bridged = after(m_job.plan, bypass(m_job.plan, {board, "Ct"}));
    EXPECT_FALSE(move(bridged, "Lt", Along::ToInput)) << "its bridge hangs on a point that would go";
    Plan unknown = m_job.plan;
    for (auto& [id, part] : unknown.parts)
        if (part.inside.contains("Ct")) part.inside.at("Ct").figures.clear();
    EXPECT_FALSE(move(unknown, "Lt", Along::ToInput));
}

// What the source sees then is the coil alone: 2 pi f L at 20 Hz, beside a door of some ohms.
TEST_F(LegEdits, ACoilAtTheInputShortsTheLows)
{
    make({kC, kL}, {{ElementKind::Inductor, true, 0.39e-3}});
    const Plan then = after(m_job.plan, move(m_job.plan, "Lt", Along::ToInput)->edit);
    const Evaluation evaluation = tests::evaluated(then);
    const StageResult& goal = tests::goalOf(evaluation, then);
    const CircuitResult& circuit = *findCircuit(goal, findRunOfDevice(goal, m_job.sail)->run.id.channel);
    EXPECT_NEAR(circuit.least_ohm, 2.0 * std::numbers::pi * 20.0 * 0.39e-3, 5e-3);
    EXPECT_NEAR(circuit.least_hz, 20.0, 1e-9);
}

// Twice the load: coils and resistors twice, capacitors half, each the nearest that is sold; the other leg stays.
TEST_F(LegEdits, ALegIsMadeForOtherOhms)
{
    make({kC, kL, kR}, {{ElementKind::Inductor, true, 0.39e-3}});
    const DeviceId board = boardOn(m_job.plan, m_job.door);
    ASSERT_EQ(madeFor_ohm(partOf(resolve(m_job.plan, m_job.plan.job.goal), board), Leg::Tweeter), 4.0);
    const Plan then = after(m_job.plan, makeLegFor(m_job.plan, board, Leg::Tweeter, 8.0));
    const LegParts made{{ElementKind::Capacitor, true, 3.3e-6},
                        {ElementKind::Inductor, false, 0.82e-3},
                        {ElementKind::Resistor, true, 4.7}};
    EXPECT_EQ(tweeterLeg(then, m_job.door), made);
    EXPECT_EQ(tweeterLeg(then, m_right), made);
    const Part part = partOf(resolve(then, then.job.goal), boardOn(then, m_job.door));
    EXPECT_EQ(madeFor_ohm(part, Leg::Tweeter), 8.0);
    EXPECT_EQ(madeFor_ohm(part, Leg::Woofer), 4.0);
    EXPECT_EQ(partsOn(part, Leg::Woofer)->front().value, 0.39e-3);
}

}  // namespace
}  // namespace core
