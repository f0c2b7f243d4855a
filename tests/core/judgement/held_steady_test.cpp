// Findings while their spread is worked out: what stands under the hand stays as it was.
#include "core/judgement/held_steady.h"

#include <gtest/gtest.h>

#include "core/spread/widen.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

Finding finding(RuleId rule, Severity severity, bool guessed = true)
{
    Finding one{.rule = rule, .severity = severity, .stage = kFound, .where = {DeviceId{12}}};
    one.evidence = {Evidence{.figure = {.value = 1.0, .worst = guessed ? Origin::ClassGuess : Origin::Measured}}};
    one.leans = {Lean{}};
    return one;
}

std::vector<RuleId> rules(const std::vector<Finding>& findings)
{
    std::vector<RuleId> ids;
    for (const Finding& one : findings) ids.push_back(one.rule);
    return ids;
}

TEST(HeldSteady, AFindingKeepsItsPlaceAndSeverityUntilItsSpreadIsKnown)
{
    const std::vector<Finding> shown{finding(RuleId::LoadUnderMinimum, Severity::Stop),
                                     finding(RuleId::LessLevel, Severity::Care)};
    std::vector<Finding> now{finding(RuleId::LessLevel, Severity::Care),
                             finding(RuleId::LoadUnderMinimum, Severity::Care)};
    now[1].couldBe = true;
    now[1].evidence.front().figure.value = 2.0;
    const std::vector<Finding> held = heldSteady(shown, now);
    EXPECT_EQ(rules(held), (std::vector{RuleId::LoadUnderMinimum, RuleId::LessLevel}));
    EXPECT_EQ(held.front().severity, Severity::Stop);
    EXPECT_FALSE(held.front().couldBe);
    EXPECT_EQ(held.front().evidence.front().figure.value, 2.0);  // the figure is the new plan's
}

TEST(HeldSteady, WhatIsMeasuredChangesAtOnce)
{
    const std::vector<Finding> held = heldSteady({finding(RuleId::LoadUnderMinimum, Severity::Stop, false)},
                                                 {finding(RuleId::LoadUnderMinimum, Severity::Care, false)});
    EXPECT_EQ(held.front().severity, Severity::Care);
}

TEST(HeldSteady, WhatIsGoneIsGoneAndWhatIsNewStandsWhereTheRulesPutIt)
{
    const std::vector<Finding> shown{finding(RuleId::LoadUnderMinimum, Severity::Care),
                                     finding(RuleId::LessLevel, Severity::Care),
                                     finding(RuleId::SealMissing, Severity::Note)};
    const std::vector<Finding> now{
        finding(RuleId::WindowTravel, Severity::Stop), finding(RuleId::CoilOpen, Severity::Care),
        finding(RuleId::LessLevel, Severity::Care), finding(RuleId::WireSlack, Severity::Care),
        finding(RuleId::SealMissing, Severity::Note)};
    EXPECT_EQ(rules(heldSteady(shown, now)), (std::vector{RuleId::WindowTravel, RuleId::CoilOpen, RuleId::LessLevel,
                                                          RuleId::WireSlack, RuleId::SealMissing}));
}

TEST(HeldSteady, ButtonsStayAndDoWhatTheNewPlanNeeds)
{
    Finding old = finding(RuleId::LoadUnderMinimum, Severity::Care), now = old;
    old.mends = {{MendName::MeasureRe}, {MendName::ChooseDriver}, {MendName::SetGain, -1.0}};
    now.mends = {{MendName::SetGain, -3.0}, {MendName::AddResistor, 1.0}, {MendName::ChooseDriver}};
    const std::vector<Mend> held = heldSteady({old}, {now}).front().mends;
    ASSERT_EQ(held.size(), 3U) << "a new one waits";
    EXPECT_EQ(held[0].name, MendName::MeasureRe);
    EXPECT_EQ(held[1].name, MendName::ChooseDriver);
    EXPECT_EQ(held[2].name, MendName::SetGain);
    EXPECT_EQ(held[2].figure, -3.0);
}

// A whole plan: the same plan judged without its spread shows what it showed with it.
TEST(HeldSteady, AnEqualPlanLooksEqualWhileItSettles)
{
    const Plan plan = tests::troublePlan();
    const Evaluation bare = tests::evaluated(plan);
    const std::vector<Finding> settled = judge(plan, widen(bare)), held = heldSteady(settled, judge(plan, bare));
    ASSERT_EQ(rules(held), rules(settled));
    for (size_t i = 0; i < held.size(); ++i) EXPECT_EQ(held[i].severity, settled[i].severity) << code(held[i].rule);
}

}  // namespace
}  // namespace core
