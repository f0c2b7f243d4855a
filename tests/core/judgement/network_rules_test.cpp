// Rules about boards, each on both sides of its limit. Limits: common practice, no source; ladders by circuit theory.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/edits/element_edits.h"
#include "core/edits/leg_edits.h"
#include "core/edits/named_edits.h"
#include "core/edits/network_edits.h"
#include "tests/core/mends_help.h"
#include "tests/core/surveyed_plan.h"
#include "tests/core/two_way_parts.h"

namespace core {
namespace {

using tests::after;
using tests::driverAt;
using tests::findingOf;

Part domeFor(double nominal_ohm)
{
    Part dome = tests::driverPart(
        "dome",
        {{Quantity::Re_ohm, 0.8 * nominal_ohm}, {Quantity::Fs_hz, 1000.0}, {Quantity::Nominal_ohm, nominal_ohm}});
    dome.driverClass = "domeTweeter25";
    return dome;
}

std::optional<Finding> saidOf(const Plan& plan)
{
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* finding = findingOf(findings, RuleId::NetworkForOtherOhms);
    return finding ? std::optional(*finding) : std::nullopt;
}

// One capacitor into R passes w R C / sqrt(1 + (w R C)^2). Into r times the ohms it gives most more where the louder of
// both is 12 dB down, at w R r C = 0.2595: 2.96 dB for r = 1.43, 3.02 dB for 1.44, 5.83 dB for 2.
TEST(Split15, ACapacitorIntoOtherOhms)
{
    tests::SetInDoors job = tests::setInDoors();
    job.plan = after(job.plan, fitMadeNetwork(job.plan, tests::onBoard(job.door, job.sail),
                                              tests::partsOf({.tweeterSeries_f = 6.8e-6})));
    EXPECT_FALSE(saidOf(job.plan)) << "made for them";
    const auto with = [&](double nominal_ohm) {
        return after(job.plan, fitPart(job.plan, job.sail, domeFor(nominal_ohm)));
    };
    EXPECT_FALSE(saidOf(with(4.0 * 1.42)));
    EXPECT_TRUE(saidOf(with(4.0 * 1.45)));
    EXPECT_FALSE(saidOf(with(4.0 / 1.42)));
    EXPECT_TRUE(saidOf(with(4.0 / 1.45)));
    const auto finding = saidOf(with(8.0));
    ASSERT_TRUE(finding);
    EXPECT_EQ(finding->severity, Severity::Care);
    EXPECT_EQ(finding->where.size(), 2U) << "both sides";
    EXPECT_NEAR(figureOf(*finding, Quantity::LevelChange_db), 5.83, 0.03);
    EXPECT_EQ(figureOf(*finding, Quantity::Nominal_ohm), 8.0);
    EXPECT_EQ(figureOf(*finding, Quantity::RatedLoad_ohm), 4.0);
    EXPECT_LT(figureOf(*saidOf(with(2.0)), Quantity::LevelChange_db), 0.0);
}

TEST(Split15, ItsMendMakesTheSameForThem)
{
    tests::SetInDoors job = tests::setInDoors();
    job.plan = after(job.plan, fitMadeNetwork(job.plan, tests::onBoard(job.door, job.sail),
                                              tests::partsOf({.wooferCoil_h = 0.39e-3, .tweeterSeries_f = 6.8e-6})));
    const Plan other = after(job.plan, fitPart(job.plan, job.sail, domeFor(8.0)));
    const auto finding = saidOf(other);
    ASSERT_TRUE(finding);
    ASSERT_EQ(finding->mends.front().name, MendName::MakeForOhms);
    EXPECT_EQ(finding->mends.front().figure, 8.0);
    const Plan mended = after(other, std::get<Edit>(finding->mends.front().act));
    EXPECT_FALSE(saidOf(mended));
    const Fitout used = resolve(mended, mended.job.goal);
    EXPECT_EQ(partsOn(partOf(used, networkOf(used, job.sail)), Leg::Tweeter)->front().value, 3.3e-6);
    // A value that is stepped by hand stays judged by what the board was made for.
    const Port capacitor{networkOf(resolve(other, other.job.goal), job.sail), "Ct"};
    EXPECT_TRUE(saidOf(after(other, setPartValue(other, capacitor, 5.6e-6))));
}

// One of the shelf says on its sheet what it is for; a speaker that says nothing is taken for what its resistance fits,
// and that could be otherwise.
TEST(Split15, ASetsOwnNetwork)
{
    const tests::SetInDoors job = tests::setInDoors();
    EXPECT_FALSE(saidOf(job.plan));
    EXPECT_TRUE(saidOf(after(job.plan, fitPart(job.plan, job.sail, domeFor(8.0)))));
    Part silent = domeFor(8.0);
    silent.figures.erase(Quantity::Nominal_ohm);
    const auto finding = saidOf(after(job.plan, fitPart(job.plan, job.sail, silent)));
    ASSERT_TRUE(finding);
    EXPECT_TRUE(finding->couldBe);
    EXPECT_EQ(figureOf(*finding, Quantity::Nominal_ohm), 8.0);
    EXPECT_FALSE(saidOf(after(job.plan, fitPart(job.plan, job.sail, domeFor(8.0))))->couldBe);
}

// A coaxial's own tweeter is no second speaker on that leg.
TEST(Split15, ACoaxialIsOneSpeaker)
{
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door"});
    const DeviceId door = driverAt(plan, "left front door");
    Part coaxial = *tests::shop().shelf.find("cx165-lapwing-4");
    plan = after(plan, fitPart(plan, door, coaxial));
    plan = after(
        plan, fitMadeNetwork(plan, {{Leg::Woofer, door}}, {{Leg::Woofer, {{ElementKind::Inductor, true, 0.39e-3}}}}));
    const auto countIn = [](const Plan& one) {
        const auto findings = judge(one, tests::evaluated(one));
        return std::count_if(findings.begin(), findings.end(),
                             [](const Finding& f) { return f.rule == RuleId::NetworkForOtherOhms; });
    };
    EXPECT_EQ(countIn(plan), 0);
    for (auto& [name, element] : coaxial.inside)
        if (!isWay(coaxial, name)) element.figures.erase(Quantity::Nominal_ohm);
    coaxial.figures[Quantity::Nominal_ohm] = Known{8.0};
    EXPECT_EQ(countIn(after(plan, fitPart(plan, door, coaxial))), 1);
}

// What a board drove when it was found it is taken to be made for.
TEST(Split15, OneThatCameWithTheVehicle)
{
    const tests::SetInDoors job = tests::setInDoors();
    Plan plan = job.plan;
    for (auto& [id, part] : plan.parts) {
        part.figures.erase(Quantity::RatedLoad_ohm);
        for (auto& [name, element] : part.inside) element.figures.erase(Quantity::RatedLoad_ohm);
    }
    const Plan unsaid = after(plan, fitPart(plan, job.sail, domeFor(8.0)));
    EXPECT_FALSE(saidOf(unsaid)) << "nobody knows what it is for";
    // The whole of the goal becomes what was found, and then another tweeter is planned.
    Plan found = plan;
    const Fitout all = resolve(plan, plan.job.goal);
    const auto lay = [&](auto& table, const auto& items) {
        table.clear();
        for (const auto& [id, item] : items) table[{kFound, id}] = item;
    };
    lay(found.devices, all.devices);
    lay(found.wires, all.wires);
    ASSERT_FALSE(saidOf(found));
    const Plan then = after(found, fitPart(found, job.sail, domeFor(8.0)));
    const auto finding = saidOf(then);
    ASSERT_TRUE(finding);
    EXPECT_EQ(figureOf(*finding, Quantity::RatedLoad_ohm), 4.0);
    EXPECT_NE(finding->mends.front().name, MendName::MakeForOhms) << "what is not said cannot be scaled from";
}

}  // namespace
}  // namespace core
