// What Match decides of a place stands in the steps and parts of the job.
#include <gtest/gtest.h>

#include <algorithm>

#include "core/edits/fit_edits.h"
#include "core/edits/place_edits.h"
#include "tests/core/job/job_of.h"
#include "tests/core/judgement/fitting.h"
#include "tests/core/mends_help.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::all, tests::Fitting, tests::hasCaution, tests::jobOf, tests::kLeft, tests::kLeftSpeaker, tests::planOf,
    tests::room, tests::smallOf, tests::stepsOf;

// requires that the rule speaks
Finding findingIn(const Plan& plan, RuleId rule)
{
    const auto findings = judge(plan, tests::evaluated(plan));
    const Finding* found = tests::findingOf(findings, rule);
    EXPECT_TRUE(found) << code(rule);
    return found ? *found : Finding{};
}

bool hasTool(const Step& step, Tool tool)
{
    return std::any_of(step.tools.begin(), step.tools.end(), [&](const ToolUse& use) { return use.tool == tool; });
}

Plan planAfter(Fitting fitting, const std::function<void(Fitting&)>& change)
{
    change(fitting);
    return planOf(fitting);
}

// A body of 94 mm in a hole of 90: the finding's mend is a step with its saw, its paint and its time on both sides.
TEST(FitOnCard, AHoleThatMustBeCutIsFoundAndThenASawedStep)
{
    const auto cutIn = [](Anchor anchor) {
        return planAfter({}, all(room({{Quantity::Cutout_m, 0.090}}), tests::driver(Quantity::ScrewCircle_m, 0.1065),
                                 [anchor](Fitting& s) { s.place.anchor = anchor; }));
    };
    const Plan plan = cutIn(Anchor::Metal);
    EXPECT_TRUE(stepsOf(jobOf(plan), StepKind::CutHole).empty());
    const Finding found = findingIn(plan, RuleId::CutoutAndRing);
    EXPECT_EQ(found.severity, Severity::Care);
    EXPECT_EQ(found.mends.front().name, MendName::CutHole);
    EXPECT_EQ(found.mends.front().figure, 0.098) << "94 + 2 mm wanted, the next saw sold";
    EXPECT_EQ(tests::expectMendsHelp(plan, found), 1);
    const Plan cut = apply(plan, std::get<Edit>(found.mends.front().act)).plan;
    const JobPlan job = jobOf(cut);
    const auto steps = stepsOf(job, StepKind::CutHole);
    ASSERT_EQ(steps.size(), 2U);
    for (const Step& step : steps) {
        EXPECT_EQ(step[StepFigure::Saw_m], 0.098);
        EXPECT_EQ(step[StepFigure::Pilot_m], 0.003);
        EXPECT_FALSE(step.has(StepFigure::Blade_m)) << "the saw needs no hole for a blade";
        EXPECT_EQ(step.backing, Backing::Metal);
        EXPECT_TRUE(hasTool(step, Tool::HoleSaw) && hasTool(step, Tool::Paint) && hasTool(step, Tool::Vacuum));
        EXPECT_TRUE(hasCaution(step, Caution::LookBehind) && hasCaution(step, Caution::MaskMagnet));
        EXPECT_EQ(step.minutes, 25.0);
    }
    EXPECT_EQ(smallOf(job, SmallPart::RustPaint).size(), 1U);
    EXPECT_GE(job.minutes, jobOf(plan).minutes + 2.0 * 25.0);
    // Plastic does not rust; a size that no saw has is cut from a ladder of drills.
    const Plan plastic = cutIn(Anchor::Plastic);
    const auto byHand = stepsOf(jobOf(apply(plastic, cutHole(plastic, kLeftSpeaker, 0.0973)).plan), StepKind::CutHole);
    ASSERT_FALSE(byHand.empty());
    EXPECT_EQ(byHand.front().backing, Backing::Plastic);
    EXPECT_FALSE(hasTool(byHand.front(), Tool::Paint));
    EXPECT_TRUE(hasTool(byHand.front(), Tool::Jigsaw));
    EXPECT_EQ(byHand.front()[StepFigure::Blade_m], 0.010);
}

TEST(FitOnCard, WhereNothingMayBeCutACutIsAStopUntilTheOwnerAgrees)
{
    Plan plan = planAfter({}, all(room({{Quantity::Cutout_m, 0.090}}), tests::driver(Quantity::ScrewCircle_m, 0.1065)));
    const Plan cut = apply(plan, cutHole(plan, kLeftSpeaker, 0.098)).plan;
    plan.job.keep.insert(Keep::NoCutting);
    const Finding hole = findingIn(plan, RuleId::CutoutAndRing);
    EXPECT_EQ(hole.severity, Severity::Stop);
    EXPECT_TRUE(std::none_of(hole.mends.begin(), hole.mends.end(),
                             [](const Mend& mend) { return mend.name == MendName::CutHole; }));
    EXPECT_EQ(tests::expectMendsHelp(plan, hole), 1) << "the owner agrees";
    Plan forbidden = cut;
    forbidden.job.keep.insert(Keep::NoCutting);
    const Finding wish = findingIn(forbidden, RuleId::CutAgainstWish);
    EXPECT_EQ(code(wish.rule), "JOB6");
    EXPECT_EQ(wish.severity, Severity::Stop);
    EXPECT_EQ(wish.where.size(), 2U) << "both sides in one";
    EXPECT_EQ(evidenceOf(wish, Quantity::Cutout_m, forbidden.job.goal).figure.value, 0.098);
    EXPECT_EQ(tests::expectMendsHelp(forbidden, wish), 2) << "left uncut, or agreed to";
    EXPECT_FALSE(tests::findingOf(judge(cut, tests::evaluated(cut)), RuleId::CutAgainstWish));
}

TEST(FitOnCard, AHoleOfTheFoundDriversIsThePlacesAndStays)
{
    // Nobody measured the hole: it is as wide as the class of what was found there needs, and a ring is needed for what
    // is much smaller, before and after that one is fitted.
    const Plan plan =
        planAfter({}, all(tests::driver(Quantity::Basket_m, 0.060), tests::driver(Quantity::Flange_m, 0.090),
                          tests::driver(Quantity::ScrewCircle_m, 0.080)));
    const Evaluation evaluation = tests::evaluated(plan);
    const auto& hole = evaluation.stages.at(plan.job.goal)->fits.at(kLeftSpeaker)->hole;
    ASSERT_TRUE(hole);
    EXPECT_TRUE(hole->ring);
    EXPECT_EQ(hole->worst, Origin::ClassGuess);
    const Finding found = findingIn(plan, RuleId::CutoutAndRing);
    EXPECT_TRUE(found.couldBe);
    EXPECT_EQ(found.mends.front().name, MendName::MeasureFit);
    EXPECT_EQ(std::get<SolverRequest>(found.mends.front().act).what, Quantity::Cutout_m);
}

// 4 mm flange, 9 mm spacer, 1 mm sheet, 4 mm to bite: 18 mm, sold as 19; old ones of 13 are 5 too short.
TEST(FitOnCard, ASpacerHasItsStepAndItsScrews)
{
    Plan plan = planAfter({}, all(room({{Quantity::Sheet_m, 0.001}, {Quantity::WireExit_deg, 180.0}}),
                                  [](Fitting& s) { s.place.anchor = Anchor::Metal; }));
    for (const DeviceId device : {kLeftSpeaker, tests::kRightSpeaker})
        plan.mounts[{kFound, device}] = Mount{.figures = {{Quantity::ScrewLength_m, Known{0.013}}}};
    plan = apply(plan, fitSpacer(plan, kLeftSpeaker, 0.009)).plan;
    const JobPlan job = jobOf(plan);
    const auto made = stepsOf(job, StepKind::MakeSpacer), put = stepsOf(job, StepKind::FitSpacer);
    ASSERT_EQ(made.size(), 2U) << "made at the bench, for each side";
    ASSERT_EQ(put.size(), 2U);
    EXPECT_EQ(made.front()[StepFigure::Thickness_m], 0.009);
    EXPECT_NEAR(made.front()[StepFigure::Inside_m], 0.096, 1e-12);
    EXPECT_EQ(made.front()[StepFigure::Notch_m], 0.006);
    EXPECT_EQ(put.front()[StepFigure::Wire_deg], 180.0);
    EXPECT_FALSE(put.front().has(StepFigure::OwnScrews_count)) << "the driver's go through it";
    const auto fitted = stepsOf(job, StepKind::FitDriver);
    ASSERT_EQ(fitted.size(), 2U);
    EXPECT_EQ(fitted.front()[StepFigure::ScrewLength_m], 0.019);
    EXPECT_NEAR(fitted.front()[StepFigure::ScrewTooShort_m], 0.005, 1e-12);
    const auto screws = smallOf(job, SmallPart::Screws);
    ASSERT_EQ(screws.size(), 1U);
    EXPECT_EQ(screws.front().count, 8);
    EXPECT_EQ(screws.front().length_m, 0.019);
    EXPECT_EQ(screws.front().across_m, 0.0042);
    EXPECT_EQ(screws.front().anchor, Anchor::Metal);
}

TEST(FitOnCard, OldScrewsThatHoldAreNotBought)
{
    Plan plan = planAfter({}, all(room({{Quantity::Sheet_m, 0.001}})));
    EXPECT_EQ(smallOf(jobOf(plan), SmallPart::Screws).size(), 1U) << "nobody measured the old ones";
    for (const double old_m : {0.009, 0.0089}) {
        for (const DeviceId device : {kLeftSpeaker, tests::kRightSpeaker})
            plan.mounts[{kFound, device}] = Mount{.figures = {{Quantity::ScrewLength_m, Known{old_m}}}};
        EXPECT_EQ(smallOf(jobOf(plan), SmallPart::Screws).empty(), old_m == 0.009) << "4 + 1 + 4 mm are needed";
    }
}

TEST(FitOnCard, TheTurnStandsOnTheStep)
{
    const Plan plan = planOf({});
    const Plan turned = apply(plan, turnDriver(plan, kLeftSpeaker, 30.0)).plan;
    const auto steps = stepsOf(jobOf(turned), StepKind::FitDriver);
    ASSERT_EQ(steps.size(), 2U);
    EXPECT_EQ(steps[0][StepFigure::Turn_deg], 30.0);
    EXPECT_EQ(steps[1][StepFigure::Turn_deg], -30.0) << "mirrored";
}

struct HoldRow {
    Fixing fixing;
    bool screws, gasket, waits;
};
class HeldBy : public testing::TestWithParam<HoldRow> {};
// Common practice, no source: a clip-in takes no screw, no low clutch and no gasket; adhesive has to set.
TEST_P(HeldBy, HasItsOwnStepsToolsAndParts)
{
    const HoldRow& row = GetParam();
    Plan plan = planOf({});
    plan = apply(plan, fixDriver(plan, kLeftSpeaker, row.fixing)).plan;
    const JobPlan job = jobOf(plan);
    const auto steps = stepsOf(job, StepKind::FitDriver);
    ASSERT_EQ(steps.size(), 2U);
    EXPECT_EQ(steps.front().fixing, row.fixing);
    EXPECT_EQ(steps.front().has(StepFigure::Screw_m), row.screws);
    EXPECT_EQ(hasTool(steps.front(), Tool::CrossHead), row.screws);
    EXPECT_EQ(hasCaution(steps.front(), Caution::ConeGuard), row.screws);
    EXPECT_EQ(!smallOf(job, SmallPart::Screws).empty(), row.screws);
    EXPECT_EQ(!smallOf(job, SmallPart::Gasket).empty(), row.gasket);
    EXPECT_EQ(stepsOf(job, StepKind::LetSet).size(), row.waits ? 2U : 0U);
    EXPECT_EQ(!smallOf(job, SmallPart::Adhesive).empty(), row.waits);
    EXPECT_EQ(!smallOf(job, SmallPart::BackingRing).empty(), row.fixing == Fixing::Ring);
    for (const Step& wait : stepsOf(job, StepKind::LetSet)) {
        EXPECT_EQ(wait.minutes, 0.0) << "nobody works while it sets";
        EXPECT_EQ(wait[StepFigure::Wait_min], 30.0);
    }
}
INSTANTIATE_TEST_SUITE_P(Each, HeldBy,
                         testing::Values(HoldRow{Fixing::Screws, true, true, false},
                                         HoldRow{Fixing::Clip, false, false, false},
                                         HoldRow{Fixing::Adhesive, false, false, true},
                                         HoldRow{Fixing::Ring, true, true, false},
                                         HoldRow{Fixing::Bracket, true, true, false}));

TEST(FitOnCard, AnotherSpacerUnderTheSameDriverIsWorkToo)
{
    Plan plan = tests::demoPlan();
    EXPECT_TRUE(jobOf(plan).steps.empty());
    plan = apply(plan, fitSpacer(plan, kLeftSpeaker, 0.006)).plan;
    const JobPlan job = jobOf(plan);
    EXPECT_EQ(stepsOf(job, StepKind::RemoveDriver).size(), 2U);
    EXPECT_EQ(stepsOf(job, StepKind::FitSpacer).size(), 2U);
    EXPECT_EQ(stepsOf(job, StepKind::FitDriver).size(), 2U);
    EXPECT_TRUE(stepsOf(job, StepKind::CheckResistance).empty()) << "it is the old one";
    EXPECT_EQ(stepsOf(job, StepKind::Connect).size(), 2U) << "what was unplugged is plugged in again";
}

// What holds the old speaker is what takes it out: each fastener with its tool, in the order they were noted.
TEST(FitOnCard, TheOldSpeakersOwnFastenersNameTheTools)
{
    Plan plan = planOf({});
    plan.places.at(kLeft).held = {{FastenerKind::Screw, "T25", 4, false, ""},
                                  {FastenerKind::Hook, "", 1, false, ""},
                                  {FastenerKind::Bolt, "3/16 in hex", 2, false, ""},
                                  {FastenerKind::Nut, "8 mm", 2, false, ""},
                                  {FastenerKind::Bolt, "M5", 1, false, ""},
                                  {FastenerKind::Screw, "", 1, false, ""},
                                  {FastenerKind::Clip, "", 1, false, ""},
                                  {FastenerKind::Rivet, "4.8", 3, false, ""}};
    const auto steps = stepsOf(jobOf(plan), StepKind::RemoveDriver);
    ASSERT_EQ(steps.size(), 2U);
    EXPECT_EQ(steps.front().tools, (std::vector<ToolUse>{{Tool::StarDriver, "T25"},
                                                         {Tool::Hook, ""},
                                                         {Tool::HexKey, "3/16 in hex"},
                                                         {Tool::Socket, "8 mm"},
                                                         {Tool::Socket, ""},
                                                         {Tool::CrossHead, ""},
                                                         {Tool::PlasticPry, ""},
                                                         {Tool::Drill, "4.8"},
                                                         {Tool::Camera, ""}}));
    EXPECT_TRUE(hasCaution(steps.front(), Caution::MaskMagnet)) << "rivets are drilled";
    EXPECT_FALSE(hasCaution(steps.back(), Caution::MaskMagnet)) << "nobody noted the right side's";
}

// The vehicle's plug fits the new driver no more and nothing adapts it: cut, spliced, and said of its wires.
TEST(FitOnCard, APlugThatIsCutIsCutOnTheCard)
{
    const auto planWith = [](const char* plug) {
        Fitting fitting;
        for (const char* terminal : {"1+", "1-"}) fitting.driver.terminals[terminal] = plug;
        return planOf(fitting);
    };
    const Fitout found = resolve(tests::demoPlan(), kFound);
    const std::string factory = found.parts.at(found.devices.at(kLeftSpeaker).part).terminals.begin()->second;
    ASSERT_FALSE(factory.empty());
    const JobPlan same = jobOf(planWith(factory.c_str()));
    EXPECT_TRUE(stepsOf(same, StepKind::CutPlug).empty());
    const Plan other = planWith("other plug");
    const JobPlan job = jobOf(other);
    ASSERT_EQ(stepsOf(job, StepKind::CutPlug).size(), 2U);
    EXPECT_EQ(stepsOf(job, StepKind::CutPlug).front().minutes, 10.0) << "two splices of five minutes";
    ASSERT_EQ(smallOf(job, SmallPart::Splices).size(), 1U);
    EXPECT_EQ(smallOf(job, SmallPart::Splices).front().count, 4);
    int ends = 0;
    for (const WireRow& wire : job.wires) ends += wire.state == WireState::NewEnd ? 1 : 0;
    EXPECT_EQ(ends, 4) << "both wires of both drivers";
    Plan kept = other;
    kept.job.keep.insert(Keep::NoCutting);
    EXPECT_EQ(findingIn(kept, RuleId::CutAgainstWish).severity, Severity::Stop);
}

// The holes of its edge are in tabs that do not meet the vehicle's: they come off, and the card says so.
TEST(FitOnCard, TabsThatComeOffAreOnTheCard)
{
    const Plan plan = planOf({});
    const auto first = [](const Plan& of) { return stepsOf(jobOf(of), StepKind::FitDriver).front(); };
    EXPECT_FALSE(first(plan).has(StepFigure::TabsOff));
    EXPECT_TRUE(first(apply(plan, breakTabs(plan, kLeftSpeaker, true)).plan).has(StepFigure::TabsOff));
    const auto bracketed = [](double tabs) {
        return planAfter({}, all(room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.130}}),
                                 tests::spacer({{Quantity::Thickness_m, 0.006},
                                                {Quantity::ScrewCount, 4.0},
                                                {Quantity::ScrewCircle_m, 0.102},
                                                {Quantity::OuterScrewCount, 3.0},
                                                {Quantity::OuterScrewCircle_m, 0.130},
                                                {Quantity::TabCount, tabs},
                                                {Quantity::TabCircle_m, 0.150}})));
    };
    const auto put = stepsOf(jobOf(bracketed(4.0)), StepKind::FitSpacer);
    ASSERT_EQ(put.size(), 2U);
    EXPECT_TRUE(put.front().has(StepFigure::TabsOff));
    EXPECT_EQ(put.front()[StepFigure::OwnScrews_count], 3.0);
    EXPECT_FALSE(stepsOf(jobOf(bracketed(0.0)), StepKind::FitSpacer).front().has(StepFigure::TabsOff)) << "it has none";
}

// Its own screws hold a ring that is made for it, so nothing has to line up with the vehicle's holes.
TEST(FitOnCard, AMadeRingHasAHoleForEachScrew)
{
    const auto vehicle = room({{Quantity::ScrewCount, 3.0}, {Quantity::ScrewCircle_m, 0.150}});
    EXPECT_EQ(findingIn(planAfter({}, vehicle), RuleId::ScrewHoles).severity, Severity::Care);
    const Plan ringed = planAfter({}, all(vehicle, tests::spacer({{Quantity::Thickness_m, 0.009}})));
    EXPECT_FALSE(tests::findingOf(judge(ringed, tests::evaluated(ringed)), RuleId::ScrewHoles));
    const auto screws = smallOf(jobOf(ringed), SmallPart::Screws);
    ASSERT_EQ(screws.size(), 2U) << "into the ring, and the ring's into the vehicle";
    EXPECT_EQ(screws[0].count + screws[1].count, 2 * (4 + 3));
}

TEST(FitOnCard, AHoleWithoutItsSizeIsCutAsTheDriverNeedsIt)
{
    Plan plan = planAfter({}, tests::driver(Quantity::ScrewCircle_m, 0.1065));
    plan = apply(plan, cutHole(plan, kLeftSpeaker, 0.098)).plan;
    for (auto& [key, item] : plan.alterations)
        if (item && item->what == AlterationKind::Hole)
            item->figures = {{Quantity::CutoutShort_m, Known{0.08}}};  // as a file may have it
    const auto steps = stepsOf(jobOf(plan), StepKind::CutHole);
    ASSERT_EQ(steps.size(), 2U);
    plan.job.keep.insert(Keep::NoCutting);
    const Finding wish = findingIn(plan, RuleId::CutAgainstWish);
    EXPECT_EQ(evidenceOf(wish, Quantity::Cutout_m, plan.job.goal).figure.value, steps.front()[StepFigure::Hole_m]);
    EXPECT_GT(steps.front()[StepFigure::Hole_m], 0.094) << "its body";
}

// Added where nothing was: a hole is asked for, and once it is measured, cut, or the driver glued on, no more.
TEST(FitOnCard, AnAddedDriverAsksForItsHole)
{
    Plan plan = tests::withSpots(BodyKind::Estate, {"front door"});
    const StageId goal = plannedGoal(plan);
    plan = apply(plan, addSpeakers(plan, goal, tests::spotOf(plan, "sail"), tests::shop().practice)).plan;
    const PlaceId sail = tests::placeNamed(plan, "left sail");
    DeviceId tweeter;
    for (const auto& [id, device] : resolve(plan, goal).devices)
        if (device.at == sail) tweeter = id;
    EXPECT_TRUE(stepsOf(jobOf(plan), StepKind::CutHole).empty());
    const Finding found = findingIn(plan, RuleId::HoleUnknown);
    EXPECT_EQ(code(found.rule), "FIT18");
    EXPECT_EQ(found.severity, Severity::Care);
    EXPECT_EQ(found.where.size(), 2U) << "both sides at once";
    ASSERT_EQ(found.mends.size(), 2U);
    EXPECT_EQ(found.mends.front().name, MendName::MeasureFit);
    const Plan cut = apply(plan, std::get<Edit>(found.mends.back().act)).plan;
    EXPECT_EQ(stepsOf(jobOf(cut), StepKind::CutHole).size(), 2U);
    const auto silent = [](const Plan& one) {
        return !tests::findingOf(judge(one, tests::evaluated(one)), RuleId::HoleUnknown);
    };
    EXPECT_TRUE(silent(cut));
    EXPECT_TRUE(silent(apply(plan, fixDriver(plan, tweeter, Fixing::Adhesive)).plan));
    Place measured = plan.places.at(sail);
    measured.room[Quantity::Cutout_m] = Known{found.evidence.front().figure.value};
    EXPECT_TRUE(silent(apply(plan, changePlace(plan, sail, measured)).plan));
    for (const PlaceKind kind : {PlaceKind::OwnBox, PlaceKind::Hidden}) {
        Plan elsewhere = plan;
        elsewhere.places.at(sail).kind = elsewhere.places.at(plan.places.at(sail).pair).kind = kind;
        EXPECT_TRUE(silent(elsewhere)) << static_cast<int>(kind);
    }
    Plan kept = plan;
    kept.job.keep.insert(Keep::NoCutting);
    EXPECT_EQ(findingIn(kept, RuleId::HoleUnknown).mends.back().name, MendName::AllowCutting);
    EXPECT_TRUE(silent(tests::withSpots(BodyKind::Estate, {"front door", "sail"}))) << "what was found has its hole";
}

TEST(FitOnCard, WhatIsTakenOutForGoodIsAStep)
{
    Plan plan = planOf({});
    plan.devices[{plan.job.goal, tests::kRightSpeaker}] = std::nullopt;
    const JobPlan job = jobOf(plan);
    EXPECT_EQ(stepsOf(job, StepKind::RemoveDriver).size(), 2U);
    EXPECT_EQ(stepsOf(job, StepKind::FitDriver).size(), 1U);
}

}  // namespace
}  // namespace core
