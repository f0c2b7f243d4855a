// House rules: what schools of the trade do, and what a plan makes of them. Common practice, no source.
#include "core/practice/house_rules.h"

#include <gtest/gtest.h>

#include <set>

#include "core/edits/filter_edits.h"
#include "core/edits/house_edits.h"
#include "core/edits/named_edits.h"
#include "core/io/plan_file.h"
#include "core/io/practice_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/mends_help.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;
using tests::findingOf;

const Practice& shipped()
{
    return tests::shop().practice;
}

Plan withSchool(const Plan& plan, PracticeKey rule, size_t school)
{
    return after(plan, followSchools(plan, {{rule, school}}, shipped()));
}

TEST(HouseRules, BeginWithTheUsualSchool)
{
    const std::vector<PracticeKey> rules = houseRules(shipped());
    ASSERT_EQ(rules.size(), 4U);
    for (const PracticeKey rule : rules) {
        const PracticeEntry& entry = shipped().entries.at(rule);
        EXPECT_EQ(schoolOf(shipped(), rule), 0U);
        EXPECT_FALSE(departs(shipped(), rule));
        EXPECT_EQ(std::set<std::string>(entry.choices.begin(), entry.choices.end()).size(), entry.choices.size());
        EXPECT_TRUE(entry.allows(static_cast<double>(entry.choices.size() - 1)));
        EXPECT_FALSE(entry.allows(static_cast<double>(entry.choices.size())));
        EXPECT_FALSE(entry.allows(0.5)) << "half a school";
    }
    // The code's names stand where the file has them.
    const auto named = [](PracticeKey rule, auto school) {
        return shipped().entries.at(rule).choices.at(static_cast<size_t>(school));
    };
    EXPECT_EQ(named(PracticeKey::SmallDriver_school, SmallDriverSchool::KeepHighPass), "keepHighPass");
    EXPECT_EQ(named(PracticeKey::SmallDriver_school, SmallDriverSchool::KeepAsFound), "keepAsFound");
    EXPECT_EQ(named(PracticeKey::SmallDriver_school, SmallDriverSchool::LargerCapacitor), "largerCapacitor");
    EXPECT_EQ(named(PracticeKey::SmallDriver_school, SmallDriverSchool::FullNetwork), "fullNetwork");
    EXPECT_EQ(named(PracticeKey::SmallDriver_school, SmallDriverSchool::LeaveOff), "leaveOff");
    EXPECT_EQ(named(PracticeKey::FactoryAmplifier_school, FactoryAmplifierSchool::JobByJob), "jobByJob");
    EXPECT_EQ(named(PracticeKey::FactoryAmplifier_school, FactoryAmplifierSchool::Keep), "keep");
    EXPECT_EQ(named(PracticeKey::FactoryAmplifier_school, FactoryAmplifierSchool::Bypass), "bypass");
    EXPECT_EQ(named(PracticeKey::FactoryAmplifier_school, FactoryAmplifierSchool::AddTo), "addTo");
    EXPECT_EQ(named(PracticeKey::FactoryAmplifier_school, FactoryAmplifierSchool::RadioOnly), "radioOnly");
}

TEST(HouseRules, APlanKeepsWhatDeparts)
{
    const Plan plan = tests::setInDoors().plan;
    const Plan off = withSchool(plan, PracticeKey::SmallDriver_school, 4);
    EXPECT_EQ(off.practice, (std::map<PracticeKey, double>{{PracticeKey::SmallDriver_school, 4.0}}));
    EXPECT_TRUE(departs(tests::evaluated(off).practice, PracticeKey::SmallDriver_school));
    EXPECT_EQ(withSchool(off, PracticeKey::SmallDriver_school, 0), plan) << "the usual one is not kept";
    EXPECT_EQ(withSchool(plan, PracticeKey::SmallDriver_school, 5), plan) << "there is no sixth one";
    EXPECT_EQ(withSchool(plan, PracticeKey::LoadStop_ratio, 1), plan) << "no house rule";
    // It stays with the file; what is no school does not come in.
    const std::string text = planText({off, {}});
    const auto read = readPlanText(text, "job.reed");
    ASSERT_TRUE(read);
    EXPECT_EQ(read->plan, off);
    for (const char* wrong : {"7", "0.5", "-1"}) {
        std::string other = text;
        const std::string kept = "\"smallDriver_school\": 4.0";
        ASSERT_NE(other.find(kept), std::string::npos);
        other.replace(other.find(kept), kept.size(), std::string("\"smallDriver_school\": ") + wrong);
        const auto refused = readPlanText(other, "job.reed");
        ASSERT_FALSE(refused) << wrong;
        EXPECT_NE(oneLine(refused.error()).find("smallDriver_school"), std::string::npos) << oneLine(refused.error());
    }
}

TEST(HouseRules, AFileOfPracticeHasThemWhole)
{
    const std::string text(shippedPracticeText());
    const auto changed = [&](const std::string& from, const std::string& to) {
        std::string other = text;
        const size_t rule = other.find("\"stageOrder_school\""), at = other.find(from, rule);
        EXPECT_NE(at, std::string::npos) << from;
        return readPractice(other.replace(at, from.size(), to), "practice.json");
    };
    EXPECT_TRUE(readPractice(text, "practice.json"));
    EXPECT_FALSE(changed("\"greatest\": 3", "\"greatest\": 4")) << "a school without a name";
    EXPECT_FALSE(changed("\"value\": 0", "\"value\": 1")) << "the usual one stands first";
    EXPECT_FALSE(changed("\"choices\"", "\"chances\""));
}

// A wide-band's capacitor kept into other ohms: which mend stands first is the house's; what is wrong is not.
TEST(HouseRules, PutTheHousesMendFirst)
{
    const Plan plan = tests::withDriver(
        tests::demoPlan(), tests::driverPart("tried", {{Quantity::Nominal_ohm, 4.0}, {Quantity::Re_ohm, 3.3}}));
    const auto saidUnder = [&](SmallDriverSchool school) {
        const Plan chosen = withSchool(plan, PracticeKey::SmallDriver_school, static_cast<size_t>(school));
        const auto findings = judge(chosen, tests::evaluated(chosen));
        return *findingOf(findings, RuleId::KeptCapacitor);
    };
    const Finding usual = saidUnder(SmallDriverSchool::KeepHighPass);
    EXPECT_EQ(usual.house, (FollowedSchool{PracticeKey::SmallDriver_school, 0}));
    EXPECT_EQ(usual.mends.front().name, MendName::ReplaceCapacitor);
    const Finding off = saidUnder(SmallDriverSchool::LeaveOff);
    EXPECT_EQ(off.house, (FollowedSchool{PracticeKey::SmallDriver_school, 4}));
    EXPECT_EQ(off.mends.front().name, MendName::BypassCapacitor);
    EXPECT_EQ(off.severity, usual.severity);
    EXPECT_EQ(off.evidence, usual.evidence);
    EXPECT_EQ(off.mends.size(), usual.mends.size());
    EXPECT_EQ(saidUnder(SmallDriverSchool::LargerCapacitor).mends.front().name, MendName::ReplaceCapacitor);
    EXPECT_EQ(saidUnder(SmallDriverSchool::KeepAsFound).mends.front().name, MendName::ChooseDriver);
    const auto findings = judge(plan, tests::evaluated(plan));
    for (const Finding& one : findings)
        EXPECT_EQ(one.house.has_value(), one.rule == RuleId::KeptCapacitor) << code(one.rule);
}

// Who wants a whole crossover is offered the search where the speaker has a partner.
TEST(HouseRules, AWholeCrossoverIsSearchedFor)
{
    tests::SetInDoors job{.plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"})};
    job.sail = tests::driverAt(job.plan, "left sail");
    job.plan = after(job.plan, setFilter(job.plan, kFactory, job.sail, FilterPlace::Harness, Known{6.8e-6}));
    Part dome = tests::driverPart("dome", {{Quantity::Re_ohm, 1.6}, {Quantity::Nominal_ohm, 2.0}});
    dome.driverClass = "domeTweeter25";
    job.plan = after(job.plan, fitPart(job.plan, job.sail, dome));
    const auto mendsUnder = [&](SmallDriverSchool school) {
        const Plan chosen = withSchool(job.plan, PracticeKey::SmallDriver_school, static_cast<size_t>(school));
        const auto findings = judge(chosen, tests::evaluated(chosen));
        const Finding* finding = findingOf(findings, RuleId::KeptCapacitor);
        return finding ? finding->mends : std::vector<Mend>{};
    };
    ASSERT_FALSE(mendsUnder(SmallDriverSchool::KeepHighPass).empty());
    EXPECT_NE(mendsUnder(SmallDriverSchool::KeepHighPass).front().name, MendName::FindSplit);
    EXPECT_EQ(mendsUnder(SmallDriverSchool::FullNetwork).front().name, MendName::FindSplit);
}

}  // namespace
}  // namespace core
