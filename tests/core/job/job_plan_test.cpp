#include "core/job/job_plan.h"
#include "core/edits/fit_edits.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <numbers>

#include "core/edits/layers.h"
#include "core/edits/survey_edits.h"
#include "tests/core/job/job_of.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::countOf, tests::jobOf;

int countOfSmall(const JobPlan& job, SmallPart part)
{
    const auto rows = tests::smallOf(job, part);
    return rows.empty() ? 0 : rows.front().count;
}

Plan newDriverAndCapacitor()
{
    const Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    return apply(plan, setPartValue(plan, {tests::kLeftPlug, "C"}, 100e-6)).plan;
}

std::ptrdiff_t firstOf(const JobPlan& job, StepKind kind)
{
    return std::find_if(job.steps.begin(), job.steps.end(), [&](const Step& step) { return step.kind == kind; }) -
           job.steps.begin();
}
std::ptrdiff_t lastOf(const JobPlan& job, StepKind kind)
{
    return job.steps.rend() -
           std::find_if(job.steps.rbegin(), job.steps.rend(), [&](const Step& step) { return step.kind == kind; }) - 1;
}
TEST(JobPlan, NothingPlannedIsNothingToDo)
{
    const JobPlan job = jobOf(tests::demoPlan());
    EXPECT_TRUE(job.steps.empty());
    EXPECT_TRUE(job.parts.empty());
    EXPECT_EQ(job.minutes, 0.0);
}

// The order is a fact of the trade: battery first, trial before the panels go back, on a trial fuse; common practice,
// no source.
TEST(JobPlan, GoesInTheOrderOfTheTrade)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    EXPECT_LT(firstOf(job, StepKind::PowerDown), firstOf(job, StepKind::OpenTrim));
    EXPECT_LT(firstOf(job, StepKind::OpenTrim), firstOf(job, StepKind::RemoveDriver));
    EXPECT_LT(firstOf(job, StepKind::RemoveDriver), firstOf(job, StepKind::CheckResistance));
    EXPECT_LT(firstOf(job, StepKind::CheckResistance), firstOf(job, StepKind::Connect));
    EXPECT_LT(lastOf(job, StepKind::FitDriver), firstOf(job, StepKind::PowerUpTrial));
    EXPECT_LT(firstOf(job, StepKind::TrySound), firstOf(job, StepKind::CloseTrim));
}

TEST(JobPlan, DoesBothPlaces)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    for (const StepKind kind : {StepKind::OpenTrim, StepKind::RemoveDriver, StepKind::SwapLead, StepKind::MakeLead,
                                StepKind::FitDriver, StepKind::CloseTrim})
        EXPECT_EQ(countOf(job, kind), 2);
    EXPECT_EQ(countOf(job, StepKind::PowerDown), 1);
}

// What is to be done to the vehicle itself is work too; what was already so as found is none.
TEST(JobPlan, APlannedAlterationIsAStepOfEachSide)
{
    Plan plan = tests::demoPlan();
    const PlaceId door = plan.devices.at({kFactory, tests::kLeftSpeaker})->at;
    const Plan before = apply(plan, alterPlace(plan, kFound, door, AlterationKind::OpenCover, true)).plan;
    EXPECT_EQ(countOf(jobOf(before), StepKind::Alter), 0);
    plan = before;
    const StageId goal = plannedGoal(plan);
    const JobPlan job = jobOf(apply(plan, alterPlace(plan, goal, door, AlterationKind::Seal, true)).plan);
    ASSERT_EQ(countOf(job, StepKind::Alter), 2);
    const Step& step = job.steps.at(static_cast<size_t>(firstOf(job, StepKind::Alter)));
    EXPECT_EQ(step.alteration, AlterationKind::Seal);
    EXPECT_GT(step.minutes, 0.0);
    EXPECT_LT(firstOf(job, StepKind::OpenTrim), firstOf(job, StepKind::Alter));
    EXPECT_LT(lastOf(job, StepKind::Alter), firstOf(job, StepKind::CloseTrim));
}

TEST(JobPlan, CautionsStandAtTheirStep)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    for (const auto& [kind, caution] :
         {std::pair{StepKind::OpenTrim, Caution::Restraints}, std::pair{StepKind::PowerDown, Caution::BatteryFirst},
          std::pair{StepKind::PowerUpTrial, Caution::RestraintPlugsOpen},
          std::pair{StepKind::TrySound, Caution::HearingStartLow}}) {
        const auto& cautions = job.steps.at(static_cast<size_t>(firstOf(job, kind))).cautions;
        EXPECT_NE(std::find(cautions.begin(), cautions.end(), caution), cautions.end());
    }
}

TEST(JobPlan, NamesTheReadingToExpectAndTheCapacitorToMake)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    const Step& check = job.steps.at(static_cast<size_t>(firstOf(job, StepKind::CheckResistance)));
    EXPECT_NEAR(check[StepFigure::Reading_ohm], 3.3, 1e-12);
    EXPECT_NEAR(check[StepFigure::ReadingLow_ohm], 3.3 * 0.93, 1e-12) << "stated: 7 % either way";
    EXPECT_NEAR(check[StepFigure::ReadingHigh_ohm], 3.3 * 1.07, 1e-12);
    EXPECT_NEAR(job.steps.at(static_cast<size_t>(firstOf(job, StepKind::MakeLead)))[StepFigure::Value_f], 100e-6,
                1e-15);
}

TEST(JobPlan, ListsPartsWithTheSmallOnes)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    ASSERT_EQ(job.parts.size(), 2U);
    for (const PartRow& row : job.parts) EXPECT_EQ(row.count, 2);
    EXPECT_EQ(job.smallParts.front().part, SmallPart::Gasket);
    EXPECT_EQ(job.smallParts.front().count, 2);
    // The shelf's Alder has a flange of 116 mm: pi d round each.
    EXPECT_NEAR(job.smallParts.front().length_m, 2.0 * std::numbers::pi * 0.116, 1e-9);
}

// Spacers are bought, holes are steps: what a fit decides is work.
TEST(JobPlan, SpacersAreBoughtAndHolesAreSteps)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    const size_t parts = jobOf(plan).parts.size();
    plan = apply(plan, fitSpacer(plan, tests::kLeftSpeaker, 0.009)).plan;
    plan = apply(plan, cutHole(plan, tests::kLeftSpeaker, 0.098)).plan;
    plan = apply(plan, prepareHole(plan, tests::kLeftSpeaker, AlterationKind::WireHole)).plan;
    const JobPlan job = jobOf(plan);
    ASSERT_EQ(job.parts.size(), parts + 1);
    EXPECT_TRUE(std::any_of(job.parts.begin(), job.parts.end(),
                            [](const PartRow& row) { return row.name == "spacer 9 mm" && row.count == 2; }));
    EXPECT_EQ(countOf(job, StepKind::Alter), 2) << "both sides";
    EXPECT_EQ(countOf(job, StepKind::CutHole), 2) << "both sides";
}

TEST(JobPlan, WiringSaysWhatStaysAndWhatIsNew)
{
    const Plan plan = tests::demoPlan();
    const JobPlan job = jobOf(apply(plan, bypass(plan, {tests::kLeftPlug, "C"})).plan);
    const auto count = [&](WireState state) {
        return std::count_if(job.wires.begin(), job.wires.end(),
                             [&](const WireRow& row) { return row.state == state; });
    };
    EXPECT_EQ(count(WireState::Kept), 8);
    EXPECT_EQ(count(WireState::New), 2);
    EXPECT_EQ(countOf(job, StepKind::LinkAcross), 2);
}

TEST(JobPlan, ARemovedWireIsListedAsGoing)
{
    Plan plan = tests::demoPlan();
    plan.wires[{plan.job.goal, {18}}] = std::nullopt;
    EXPECT_EQ(jobOf(plan).wires.back().state, WireState::Removed);
}

TEST(JobPlan, MinutesAreTheSumOfTheSteps)
{
    const JobPlan job = jobOf(newDriverAndCapacitor());
    double sum = 0.0;
    for (const Step& step : job.steps) sum += step.minutes;
    EXPECT_EQ(job.minutes, sum);
    EXPECT_GT(sum, 60.0);
}

// What a use asks is a step of its own and, where it takes one, a part; common practice, no source.
TEST(JobPlan, AnOpenCabAsksMoreThanAFamilyCar)
{
    Plan plan = newDriverAndCapacitor();
    EXPECT_EQ(countOf(jobOf(plan), StepKind::Protect), 0);
    EXPECT_EQ(countOfSmall(jobOf(plan), SmallPart::SealedPlugs), 0);
    plan.job.use = Use::OpenCab;  // wind, water, shaking, heat
    const JobPlan job = jobOf(plan);
    EXPECT_EQ(countOf(job, StepKind::Protect), 4);
    EXPECT_EQ(countOf(job, StepKind::ProveInUse), 4);
    EXPECT_LT(lastOf(job, StepKind::Protect), firstOf(job, StepKind::CloseTrim));
    EXPECT_GT(firstOf(job, StepKind::ProveInUse), lastOf(job, StepKind::CloseTrim));
    for (const SmallPart part : {SmallPart::SealedPlugs, SmallPart::Tethers, SmallPart::LockWashers})
        EXPECT_EQ(countOfSmall(job, part), 2);
    EXPECT_EQ(countOfSmall(job, SmallPart::TamperProofBolts), 0);
}

TEST(JobPlan, TheftIsGuardedAgainstAndNotTried)
{
    Plan plan = newDriverAndCapacitor();
    plan.job.use = Use::SummerCruiser;  // wind, heat, theft
    EXPECT_EQ(countOf(jobOf(plan), StepKind::Protect), 3);
    EXPECT_EQ(countOf(jobOf(plan), StepKind::ProveInUse), 2);
    EXPECT_EQ(countOfSmall(jobOf(plan), SmallPart::TamperProofBolts), 2);
}

TEST(JobPlan, WhatTheOwnerWantsBesidesIsOnTheList)
{
    Plan plan = newDriverAndCapacitor();
    plan.job.extras = {Extra::Tethers, Extra::Badges, Extra::LightController};
    const JobPlan job = jobOf(plan);
    EXPECT_EQ(countOfSmall(job, SmallPart::Tethers), 2);
    EXPECT_EQ(countOfSmall(job, SmallPart::Badges), 2);
    EXPECT_EQ(countOfSmall(job, SmallPart::LightController), 1);
}

TEST(JobPlan, OldPartsAreKeptAndLabelsComeBack)
{
    Plan plan = newDriverAndCapacitor();
    const auto panel = drawId<PanelId>(plan);
    plan.panels[panel] = {.name = "rear card", .labels = "jack label"};
    plan.places.begin()->second.wayIn = {panel};
    const JobPlan job = jobOf(plan);
    EXPECT_EQ(countOf(job, StepKind::KeepOriginals), 1);
    EXPECT_EQ(countOfSmall(job, SmallPart::OldPartsBag), 2);
    EXPECT_EQ(countOfSmall(job, SmallPart::Labels), 1);
}

// Two new drivers behind one cover are both heard and read before it closes.
TEST(JobPlan, EveryNewDriverIsHeardBeforeItCloses)
{
    Plan plan = tests::withSpots(BodyKind::Estate, {"front door", "sail"});
    const PlaceId door = tests::placeNamed(plan, "left front door");
    const DeviceId woofer = tests::driverAt(plan, "left front door"), tweeter = tests::driverAt(plan, "left sail");
    plan.devices.at({kFactory, tweeter})->at = door;
    for (const auto& [driver, key] : {std::pair{woofer, "cx165-lapwing-4"}, std::pair{tweeter, "wb-alder-4"}})
        plan = apply(plan, fitPart(plan, driver, *tests::shop().shelf.find(key))).plan;
    const JobPlan job = jobOf(plan);
    std::set<DeviceId> heard;
    for (const Step& step : job.steps)
        if ((step.kind == StepKind::TryBeforeClosing || step.kind == StepKind::HearDriver) && step.place == door) {
            heard.insert(step.device);
            EXPECT_TRUE(step.has(StepFigure::Reading_ohm));
        }
    EXPECT_EQ(heard, (std::set{woofer, tweeter}));
}

// Chips: the magnet is covered wherever something is cut, and the cable that loses its holder gets another.
TEST(JobPlan, ACutSaysHowTheMagnetIsKeptClean)
{
    Plan plan = tests::withShelfDriver(tests::demoPlan(), "wb-alder-4");
    for (const AlterationKind what : {AlterationKind::CutObstruction, AlterationKind::ScrewHoles, AlterationKind::Seal})
        plan = apply(plan, prepareHole(plan, tests::kLeftSpeaker, what)).plan;
    const JobPlan job = jobOf(plan);
    int cuts = 0;
    for (const Step& step : job.steps) {
        if (step.kind != StepKind::Alter) continue;
        const bool masked =
            std::find(step.cautions.begin(), step.cautions.end(), Caution::MaskMagnet) != step.cautions.end();
        EXPECT_EQ(masked, step.alteration != AlterationKind::Seal);
        cuts += masked ? 1 : 0;
    }
    EXPECT_EQ(cuts, 4) << "two cuts, both sides";
    EXPECT_EQ(countOf(job, StepKind::Retain), 2);
    EXPECT_LT(firstOf(job, StepKind::Alter), firstOf(job, StepKind::Retain));
}

TEST(JobPlan, APartOfOneVariantIsHeldBackUntilItIsTold)
{
    const Part few = tests::driverPart("few ohms", {{Quantity::Nominal_ohm, 2.0}, {Quantity::Re_ohm, 1.7}});
    Plan plan = tests::withDriver(tests::demoPlan(), few);
    for (auto& [id, part] : plan.parts)
        if (isSource(part)) part.figures.erase(Quantity::LeastLoad_ohm);
    const auto held = [&] {
        for (const PartRow& row : jobOf(plan).parts)
            if (row.name == "few ohms") return row.heldBack;
        return std::optional<VariantSign>();
    };
    EXPECT_EQ(held(), VariantSign::SubLevelControl);
    plan.body.signs[VariantSign::SubLevelControl] = true;
    EXPECT_FALSE(held());
}

}  // namespace
}  // namespace core
