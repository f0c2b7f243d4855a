// What is laid on the metal: its area, mass and gain against the mass law and plain arithmetic; its steps, sheets and
// minutes.
#include <gtest/gtest.h>

#include "core/edits/fit_edits.h"
#include "core/edits/layers.h"
#include "core/edits/lining_edits.h"
#include "core/edits/place_edits.h"
#include "core/edits/vehicle_sheet.h"
#include "core/fitout/lining.h"
#include "tests/core/job/job_of.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after, tests::hasCaution, tests::jobOf, tests::placeNamed, tests::shop, tests::stepsOf;

const Part& mat(const char* key)
{
    return *shop().shelf.find(key);
}

struct Doors {
    Plan plan = tests::withSpots(BodyKind::Estate, {"front door"});
    PlaceId left = placeNamed(plan, "left front door");
    StageId goal{};

    Doors()
    {
        goal = plannedGoal(plan);
        Place door = plan.places.at(left);
        door.room[Quantity::Skin_m2] = Known{0.8};
        plan = after(plan, changePlace(plan, left, door));
    }
    void lay(AlterationKind what, const char* key, double covered_m2, int layers = 1, StageId stage = {})
    {
        plan = after(plan, linePlace(plan, stage ? stage : goal, left, what, {mat(key), covered_m2, layers}));
    }
    [[nodiscard]] LiningAt there() const { return liningAt(resolve(plan, goal), left, shop().practice); }
};

struct CoverRow {
    double covered_m2;
    int layers;
    double gain_db;
};
class SkinCover : public testing::TestWithParam<CoverRow> {};
// Rows 48 and 49 of the work list: 3.2 kg/m2 on 0.8 mm steel, to the tenth they are printed with.
TEST_P(SkinCover, GainsByTheMassLaw)
{
    Doors doors;
    doors.lay(AlterationKind::Mat, "mat-damp-32", GetParam().covered_m2, GetParam().layers);
    EXPECT_NEAR(doors.there().gain_db, GetParam().gain_db, 0.05);
    EXPECT_NEAR(doors.there().mass_kg, 3.2 * GetParam().covered_m2 * GetParam().layers, 1e-12);
}
INSTANTIATE_TEST_SUITE_P(Of08m2, SkinCover,
                         testing::Values(CoverRow{0.2, 1, 1.0}, CoverRow{0.4, 1, 2.0}, CoverRow{0.8, 1, 3.6},
                                         CoverRow{0.8, 2, 6.1}));

TEST(Lining, AThinnerSkinGainsMore)
{
    Doors doors;
    Place door = doors.plan.places.at(doors.left);
    door.room[Quantity::SkinSheet_m] = Known{0.0007};
    doors.plan = after(doors.plan, changePlace(doors.plan, doors.left, door));
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.8);
    EXPECT_NEAR(doors.there().gain_db, 4.0, 0.05) << "row 48 of the work list";
}

// Three purposes, one mass: what each weighs adds up before the logarithm.
TEST(Lining, EveryKindAddsItsMass)
{
    Doors doors;
    doors.lay(AlterationKind::Barrier, "mat-barrier", 0.4);
    doors.lay(AlterationKind::Mat, "mat-damp-25", 0.4);
    doors.lay(AlterationKind::Decoupler, "mat-foam-6", 0.8);
    const LiningAt there = doors.there();
    ASSERT_EQ(there.linings.size(), 3U);
    EXPECT_EQ(there.linings.front().what, AlterationKind::Mat) << "on the skin, before the others";
    EXPECT_EQ(there.linings.back().what, AlterationKind::Barrier);
    EXPECT_NEAR(there.mass_kg, 0.4 * 5.0 + 0.4 * 2.5 + 0.8 * 0.25, 1e-12);
    EXPECT_NEAR(there.gain_db, 20.0 * std::log10(1.0 + 3.2 / 0.8 / 6.28), 1e-9);
}

TEST(Lining, WhatIsKeptClearIsNotFree)
{
    Place door{.kind = PlaceKind::Door};
    EXPECT_FALSE(skinOf(door, shop().practice).measured);
    EXPECT_EQ(skinOf(door, shop().practice).whole_m2, 0.8) << "as usual";
    EXPECT_EQ(skinOf({.kind = PlaceKind::KickPanel}, shop().practice).whole_m2, 0.15);
    EXPECT_NEAR(skinOf({.kind = PlaceKind::Fairing}, shop().practice).mass_kg_m2, 3.15, 1e-12) << "3 mm of plastic";
    door.room = {{Quantity::Skin_m2, Known{0.7}}, {Quantity::KeptClear_m2, Known{0.15}}};
    EXPECT_TRUE(skinOf(door, shop().practice).measured);
    EXPECT_NEAR(skinOf(door, shop().practice).free_m2, 0.55, 1e-12);
    door.room[Quantity::KeptClear_m2] = Known{0.9};
    EXPECT_EQ(skinOf(door, shop().practice).free_m2, 0.0);
    EXPECT_FALSE(hasSkin(PlaceKind::Sail));
    EXPECT_TRUE(hasSkin(PlaceKind::Door) && hasSkin(PlaceKind::BagLid) && hasSkin(PlaceKind::Overhead));
}

TEST(Lining, SheetsAreWholeAndOffcutsCost)
{
    const Practice& practice = shop().practice;  // 15 % are cut off
    EXPECT_EQ(sheetsFor(mat("mat-damp-32"), 0.0, practice), 0);
    EXPECT_EQ(sheetsFor(mat("mat-damp-32"), 1.0 / 1.15, practice), 1) << "just used up";
    EXPECT_EQ(sheetsFor(mat("mat-damp-32"), 0.87, practice), 2);
    EXPECT_EQ(sheetsFor(Part{.kind = PartKind::Mat}, 2.0, practice), 3) << "of the usual size";
}

TEST(LinePlace, IsOfBothSidesAndTakenBack)
{
    Doors doors;
    const Plan bare = doors.plan;
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.4);
    EXPECT_EQ(
        liningAt(resolve(doors.plan, doors.goal), placeNamed(doors.plan, "right front door"), shop().practice).mass_kg,
        doors.there().mass_kg);
    doors.lay(AlterationKind::Mat, "mat-damp-25", 0.2, 2);
    ASSERT_EQ(doors.there().linings.size(), 1U) << "instead of the first";
    EXPECT_EQ(doors.there().linings.front().layers, 2);
    EXPECT_EQ(doors.plan.parts.size(), bare.parts.size() + 1) << "the first sheet is not kept";
    Plan back = after(doors.plan, takeLiningOut(doors.plan, doors.goal, doors.left, AlterationKind::Mat));
    back.lastId = bare.lastId;
    EXPECT_EQ(back, bare);
}

// A door's steps stand in the order of the trade; one metre takes 35 minutes; both doors share their sheets.
TEST(LiningOnCard, HasItsStepsItsTimeAndItsSheets)
{
    Doors doors;
    doors.lay(AlterationKind::Barrier, "mat-barrier", 0.4);
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.4, 2);
    const JobPlan job = jobOf(doors.plan);
    ASSERT_EQ(stepsOf(job, StepKind::LineSkin).size(), 4U);
    const Step first = stepsOf(job, StepKind::LineSkin).front();
    EXPECT_EQ(first.alteration, AlterationKind::Mat);
    EXPECT_NEAR(first[StepFigure::Laid_m2], 0.8, 1e-12);
    EXPECT_EQ(first[StepFigure::Layers], 2.0);
    EXPECT_NEAR(first.minutes, 28.0, 1e-9);
    EXPECT_TRUE(hasCaution(first, Caution::CuttingEdges));
    const auto cleaning = stepsOf(job, StepKind::CleanSkin);
    ASSERT_EQ(cleaning.size(), 2U);
    EXPECT_TRUE(hasCaution(cleaning.front(), Caution::Restraints) && hasCaution(cleaning.front(), Caution::HotSolder));
    EXPECT_EQ(stepsOf(job, StepKind::InspectSkin).size(), 2U);
    const auto at = [&](StepKind kind) {
        return std::find_if(job.steps.begin(), job.steps.end(), [&](const Step& one) { return one.kind == kind; });
    };
    EXPECT_LT(at(StepKind::OpenTrim), at(StepKind::CleanSkin));
    EXPECT_LT(at(StepKind::CleanSkin), at(StepKind::LineSkin));
    EXPECT_LT(at(StepKind::LineSkin), at(StepKind::InspectSkin));
    EXPECT_LT(at(StepKind::InspectSkin), at(StepKind::CloseTrim));
    std::map<std::string, int> sheets;
    for (const PartRow& row : job.parts) sheets[doors.plan.parts.at(row.part).shelfKey] = row.count;
    EXPECT_EQ(sheets, (std::map<std::string, int>{{"mat-damp-32", 2}, {"mat-barrier", 1}})) << "1.84 and 0.92 m2";
}

// What was found there stays: only more of it is work; another stuff goes on bare metal.
TEST(LiningOnCard, IsOnlyWhatIsNew)
{
    Doors doors;
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.2, 1, kFound);
    EXPECT_TRUE(jobOf(doors.plan).steps.empty());
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.5);
    EXPECT_NEAR(stepsOf(jobOf(doors.plan), StepKind::LineSkin).front()[StepFigure::Laid_m2], 0.3, 1e-12);
    EXPECT_TRUE(stepsOf(jobOf(doors.plan), StepKind::StripSkin).empty());
    doors.lay(AlterationKind::Mat, "mat-damp-45", 0.5);
    EXPECT_NEAR(stepsOf(jobOf(doors.plan), StepKind::LineSkin).front()[StepFigure::Laid_m2], 0.5, 1e-12);
    EXPECT_EQ(stepsOf(jobOf(doors.plan), StepKind::StripSkin).size(), 2U);
    doors.plan = after(doors.plan, takeLiningOut(doors.plan, doors.goal, doors.left, AlterationKind::Mat));
    EXPECT_EQ(stepsOf(jobOf(doors.plan), StepKind::StripSkin).size(), 2U) << "off for good";
    EXPECT_TRUE(stepsOf(jobOf(doors.plan), StepKind::LineSkin).empty());
    EXPECT_TRUE(jobOf(doors.plan).parts.empty());
}

TEST(VehicleSheet, KeepsTheSheetsOfTheFactory)
{
    Doors doors;
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.2, 1, kFactory);
    const Plan sheet = vehicleSheet(doors.plan);
    EXPECT_TRUE(validate(sheet).empty());
    EXPECT_NEAR(liningAt(resolve(sheet, kFactory), doors.left, shop().practice).mass_kg, 0.64, 1e-12);
}

TEST(VehicleSheet, KeepsTheSpacersOfTheFactory)
{
    Doors doors;
    const DeviceId driver = tests::driverAt(doors.plan, "left front door");
    const PartId spacer = drawId<PartId>(doors.plan);
    doors.plan.parts[spacer] = {.kind = PartKind::Spacer, .name = "ring"};
    doors.plan.mounts[{kFactory, driver}] = Mount{.spacer = spacer};
    const Plan sheet = vehicleSheet(doors.plan);
    EXPECT_TRUE(validate(sheet).empty());
    EXPECT_TRUE(sheet.parts.contains(spacer));
}

// What would be nonsense in the window is refused at the file, with its path.
TEST(Validate, AMaterialIsAPartOfItsKind)
{
    Doors doors;
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.2);
    const auto problemsWith = [&](const std::function<void(Alteration&)>& change) {
        Plan plan = doors.plan;
        for (auto& [key, one] : plan.alterations) change(*one);
        return validate(plan);
    };
    EXPECT_TRUE(problemsWith([](Alteration&) {}).empty());
    const auto gone = problemsWith([](Alteration& one) { one.material = {999}; });
    ASSERT_EQ(gone.size(), 2U) << "one for each door";
    EXPECT_TRUE(gone.front().where.ends_with("/material")) << gone.front().where;
    EXPECT_EQ(problemsWith([](Alteration& one) { one.what = AlterationKind::Barrier; }).size(), 2U);
    EXPECT_EQ(problemsWith([](Alteration& one) { one.what = AlterationKind::Seal; }).size(), 2U);
}

// A file may leave out how much: then it is as people begin, and can be worked on.
TEST(LiningThere, FillsWhatAFileLeftOut)
{
    Doors doors;
    const auto there = [&] {
        return liningThere(resolve(doors.plan, doors.goal), doors.left, AlterationKind::Mat, shop().practice);
    };
    EXPECT_FALSE(there());
    doors.lay(AlterationKind::Mat, "mat-damp-32", 0.5, 3);
    EXPECT_EQ(there()->covered_m2, 0.5);
    EXPECT_EQ(there()->layers, 3);
    for (auto& [key, one] : doors.plan.alterations) one->figures.clear();
    ASSERT_TRUE(there());
    EXPECT_NEAR(there()->covered_m2, 0.2, 1e-12) << "a quarter";
    EXPECT_EQ(there()->layers, 1);
    for (auto& [key, one] : doors.plan.alterations) one->material = {};
    EXPECT_FALSE(there()) << "nobody said of what";
}

struct ShareRow {
    double share, covered_m2;
    int layers;
};
class CoverOf : public testing::TestWithParam<ShareRow> {};
// A skin of 1 m2 of which 0.7 are free.
TEST_P(CoverOf, TakesWhatIsFree)
{
    const LiningWanted wanted = coverOf({1.0, 0.7, 6.28, true}, mat("mat-damp-32"), GetParam().share);
    EXPECT_NEAR(wanted.covered_m2, GetParam().covered_m2, 1e-12);
    EXPECT_EQ(wanted.layers, GetParam().layers);
}
INSTANTIATE_TEST_SUITE_P(Shares, CoverOf,
                         testing::Values(ShareRow{0.25, 0.25, 1}, ShareRow{0.7, 0.7, 1}, ShareRow{1.0, 0.7, 1},
                                         ShareRow{1.05, 0.525, 2}, ShareRow{2.0, 0.7, 2}));

TEST(CoverOfNothing, IsStillSomething)
{
    EXPECT_GT(coverOf({1.0, 0.0, 6.28, true}, mat("mat-damp-32"), 0.5).covered_m2, 0.0) << "all of it is kept clear";
    EXPECT_EQ(usualCover(AlterationKind::Mat, shop().practice), 0.25);
    EXPECT_EQ(usualCover(AlterationKind::Barrier, shop().practice), 1.0);
}

}  // namespace
}  // namespace core
