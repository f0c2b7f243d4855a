// The card of a hybrid, a motorcycle, a classic: what is said belongs to this kind of vehicle and to no other.
#include <gtest/gtest.h>
#include <rapidcheck/gtest.h>

#include <algorithm>

#include "core/edits/fit_edits.h"
#include "core/edits/lining_edits.h"
#include "core/edits/panel_edits.h"
#include "core/fitout/lining.h"
#include "tests/core/job/job_of.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::countOf, tests::jobOf;

// A shelf driver in the first place of a vehicle of this kind.
Plan upgraded(BodyKind kind, const char* spot, Drive drive = Drive::Combustion)
{
    Plan plan = tests::withSpots(kind, {spot});
    plan.body.drive = drive;
    const Part* part = tests::shop().shelf.find("wb-alder-4");
    EXPECT_TRUE(part);
    return apply(plan, fitPart(plan, tests::driverAt(plan, plan.places.begin()->second.name), *part)).plan;
}

int cautioned(const JobPlan& job, Caution caution)
{
    return static_cast<int>(std::count_if(job.steps.begin(), job.steps.end(),
                                          [&](const Step& step) { return tests::hasCaution(step, caution); }));
}

TEST(ClassOnCard, WhatDrivesItDecidesAboutHighVoltage)
{
    for (const auto& [drive, says] :
         {std::pair{Drive::Combustion, false}, std::pair{Drive::Hybrid, true}, std::pair{Drive::Electric, true}}) {
        Plan plan = upgraded(BodyKind::Estate, "front door", drive);
        EXPECT_EQ(cautioned(jobOf(plan), Caution::HighVoltage), says ? 1 : 0) << "at the battery";
        const DeviceId driver = tests::driverAt(plan, plan.places.begin()->second.name);
        plan = apply(plan, cutHole(plan, driver, 0.140)).plan;
        EXPECT_EQ(cautioned(jobOf(plan), Caution::HighVoltage), says ? 3 : 0) << "and at each cut";
    }
}

TEST(ClassOnCard, AMotorcycleHasNothingOfACar)
{
    const JobPlan ridden = jobOf(upgraded(BodyKind::Motorcycle, "fairing"));
    ASSERT_FALSE(ridden.steps.empty());
    for (const Caution cars : {Caution::Restraints, Caution::RestraintPlugsOpen, Caution::HighVoltage})
        EXPECT_EQ(cautioned(ridden, cars), 0);
    EXPECT_EQ(cautioned(ridden, Caution::HotParts), 2) << "with the battery, and when it is proved";
    EXPECT_EQ(countOf(ridden, StepKind::ProveMoving), 1);
    const JobPlan driven = jobOf(upgraded(BodyKind::Estate, "front door"));
    EXPECT_GT(cautioned(driven, Caution::Restraints), 0);
    EXPECT_EQ(cautioned(driven, Caution::RestraintPlugsOpen), 1);
    EXPECT_EQ(cautioned(driven, Caution::HotParts) + countOf(driven, StepKind::ProveMoving), 0);
}

TEST(ClassOnCard, AClassicHasNoRestraintsToFear)
{
    const JobPlan job = jobOf(upgraded(BodyKind::Classic, "front door"));
    EXPECT_EQ(cautioned(job, Caution::Restraints) + cautioned(job, Caution::RestraintPlugsOpen), 0);
    EXPECT_EQ(cautioned(job, Caution::BatteryFirst), 1);
}

TEST(ClassOnCard, OnlyACabinWarnsOfTheClosedCar)
{
    for (const auto& [kind, spot, closed] :
         {std::tuple{BodyKind::Estate, "front door", true}, std::tuple{BodyKind::OpenTwoSeater, "front door", false},
          std::tuple{BodyKind::OpenSideBySide, "roll bar", false}, std::tuple{BodyKind::Boat, "cockpit side", false}}) {
        const JobPlan job = jobOf(upgraded(kind, spot));
        EXPECT_EQ(cautioned(job, Caution::HearingStartLow), closed ? 1 : 0) << spot;
        EXPECT_EQ(cautioned(job, Caution::HearingInTheOpen), closed ? 0 : 1) << spot;
    }
    EXPECT_EQ(cautioned(jobOf(upgraded(BodyKind::OpenSideBySide, "roll bar")), Caution::Restraints), 0);
}

// Two small covers with four clips each are minutes, not hours: 2 min a cover and 0.4 a clip, off and on; common
// practice, no source.
TEST(ClassOnCard, CoversWithFourClipsAreMinutes)
{
    Plan plan = upgraded(BodyKind::Estate, "front door");
    const double unnoted_min = jobOf(plan).minutes;
    const PlaceId door = plan.places.begin()->first;
    plan = apply(plan, addPanel(plan, door, "speaker cover")).plan;
    Panel cover = plan.panels.begin()->second;
    cover.fasteners = {{FastenerKind::Clip, "", 4, false, ""}};
    plan = apply(plan, changePanel(plan, plan.panels.begin()->first, cover)).plan;
    const JobPlan job = jobOf(plan);
    double trim_min = 0.0;
    for (const Step& step : job.steps)
        if (step.kind == StepKind::OpenPanel || step.kind == StepKind::ClosePanel) trim_min += step.minutes;
    EXPECT_NEAR(trim_min, 2 * 2 * (2.0 + 4 * 0.4), 1e-9) << "two sides, off and on";
    EXPECT_EQ(countOf(job, StepKind::OpenTrim), 0);
    EXPECT_NEAR(unnoted_min - job.minutes, 4 * 10.0 - trim_min, 1e-9);
    EXPECT_LT(job.least_min, job.minutes);
    EXPECT_GT(job.most_min, job.minutes);
}

// One kind of step is slow or quick as a whole, kinds are apart: the span is the root of the sum of their squares.
TEST(ClassOnCard, TheSpanOfTheWholeIsThatOfItsKinds)
{
    const JobPlan job = jobOf(upgraded(BodyKind::Estate, "front door"));
    std::map<PracticeKey, double> above;
    for (const Step& step : job.steps) above[step.time] += step.most_min - step.minutes;
    double square = 0.0;
    for (const auto& [key, one] : above) square += one * one;
    EXPECT_NEAR(job.most_min - job.minutes, std::sqrt(square), 1e-9);
}

TEST(ClassOnCard, SpareClipsAreNoMoreThanThereAre)
{
    Plan plan = upgraded(BodyKind::Estate, "front door");
    const auto spare = [&] {
        const auto rows = tests::smallOf(jobOf(plan), SmallPart::SpareClips);
        return rows.empty() ? 0 : rows.front().count;
    };
    EXPECT_EQ(spare(), 6) << "three a side where nobody counted";
    plan = apply(plan, addPanel(plan, plan.places.begin()->first, "card")).plan;
    const auto counted = [&](std::vector<Fastener> fasteners) {
        Panel card = plan.panels.begin()->second;
        card.fasteners = std::move(fasteners);
        plan = apply(plan, changePanel(plan, plan.panels.begin()->first, card)).plan;
        return spare();
    };
    EXPECT_EQ(counted({{FastenerKind::Clip, "", 2, false, ""}}), 4);
    EXPECT_EQ(counted({{FastenerKind::Clip, "", 9, false, ""}}), 6);
    EXPECT_EQ(counted({{FastenerKind::Screw, "T20", 9, false, ""}}), 0);
}

// Whatever is planned: each panel off once and on once, whatever the plan does to a place is a step, and no caution is
// of a kind that this vehicle is not.
RC_GTEST_PROP(CardLaw, HoldsEveryAlterationSpacerAndFixing, ())
{
    const BodyKind kind =
        *rc::gen::element(BodyKind::Estate, BodyKind::Saloon, BodyKind::Pickup, BodyKind::Van, BodyKind::Classic);
    Plan plan = upgraded(kind, "front door", *rc::gen::element(Drive::Combustion, Drive::Hybrid));
    const DeviceId driver = tests::driverAt(plan, plan.places.begin()->second.name);
    const PlaceId door = plan.places.begin()->first;
    for (int i = *rc::gen::inRange(0, 3); i > 0; --i) plan = apply(plan, addPanel(plan, door, "panel")).plan;
    std::set<AlterationKind> done;
    for (const AlterationKind what :
         {AlterationKind::Seal, AlterationKind::Foam, AlterationKind::OpenCover, AlterationKind::ScrewHoles,
          AlterationKind::WireHole, AlterationKind::CutObstruction})
        if (*rc::gen::arbitrary<bool>() && done.insert(what).second)
            plan = apply(plan, prepareHole(plan, driver, what)).plan;
    const bool cut = *rc::gen::arbitrary<bool>(), spacer = *rc::gen::arbitrary<bool>();
    if (cut) plan = apply(plan, cutHole(plan, driver, 0.14)).plan;
    if (spacer) plan = apply(plan, fitSpacer(plan, driver, 0.009)).plan;
    const Fixing fixing = *rc::gen::element(Fixing::Screws, Fixing::Adhesive, Fixing::Clip, Fixing::Ring);
    plan = apply(plan, fixDriver(plan, driver, fixing)).plan;
    std::map<AlterationKind, int> layers;
    for (const AlterationKind what : kLinings)
        if (*rc::gen::arbitrary<bool>()) {
            layers[what] = *rc::gen::inRange(1, 3);
            plan = apply(plan, linePlace(plan, plan.job.goal, door, what,
                                         {*tests::shop().shelf.of(materialOf(what)).front(), 0.4, layers[what]}))
                       .plan;
        }
    const JobPlan job = jobOf(plan);
    const int places = static_cast<int>(plan.places.size());
    RC_ASSERT(countOf(job, StepKind::CutHole) == (cut ? places : 0));
    RC_ASSERT(countOf(job, StepKind::FitSpacer) == (spacer ? places : 0));
    RC_ASSERT(countOf(job, StepKind::MakeSpacer) == (spacer ? places : 0));
    for (const AlterationKind what : done)
        RC_ASSERT(std::count_if(job.steps.begin(), job.steps.end(), [&](const Step& step) {
                      return step.kind == StepKind::Alter && step.alteration == what;
                  }) == places);
    for (const auto& [what, count] : layers) {
        RC_ASSERT(std::count_if(job.steps.begin(), job.steps.end(), [&, what = what, count = count](const Step& step) {
                      return step.kind == StepKind::LineSkin && step.alteration == what &&
                             std::abs(step[StepFigure::Laid_m2] - 0.4 * count) < 1e-12;
                  }) == places);
        // 0.4 m2 a layer and side, 15 % cut off, from sheets of 1 m2
        RC_ASSERT(
            std::count_if(job.parts.begin(), job.parts.end(), [&, count = count, what = what](const PartRow& row) {
                return plan.parts.at(row.part).kind == materialOf(what) &&
                       row.count == static_cast<int>(std::ceil(0.4 * count * places * 1.15));
            }) == 1);
    }
    std::map<std::pair<StepKind, PanelId>, int> panels;
    for (const Step& step : job.steps) {
        if (step.panel) ++panels[{step.kind, step.panel}];
        if (step.kind == StepKind::FitDriver) RC_ASSERT(step.fixing == fixing);
    }
    for (const auto& [id, panel] : plan.panels) {
        RC_ASSERT((panels[{StepKind::OpenPanel, id}]) == 1);
        RC_ASSERT((panels[{StepKind::ClosePanel, id}]) == 1);
    }
    RC_ASSERT((cautioned(job, Caution::HighVoltage) > 0) == (plan.body.drive == Drive::Hybrid));
    RC_ASSERT((cautioned(job, Caution::Restraints) > 0) == hasRestraints(plan.body));
    RC_ASSERT(tests::smallOf(job, SmallPart::Adhesive).empty() == (fixing != Fixing::Adhesive));
}

}  // namespace
}  // namespace core
