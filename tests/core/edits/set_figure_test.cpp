// One figure by its address: what is written stands there and nowhere else, is read back by the same address, and goes
// again.
#include "core/edits/set_figure.h"

#include <gtest/gtest.h>

#include "core/fitout/figures_at.h"
#include "core/fitout/resolve.h"
#include "core/model/validate.h"
#include "tests/core/demo_plan.h"

namespace core {
namespace {

using namespace tests;

constexpr Known kWritten{0.0123, {Origin::Stated}};

std::optional<double> at(const Plan& plan, StageId stage, const Subject& subject, Quantity what)
{
    const Fitout fitout = resolve(plan, stage);
    const Figures* figures = figuresAt(fitout, subject);
    return figures ? valueOf(*figures, what) : std::nullopt;
}

// Everything of the demo plan as found that has figures of its own.
std::vector<Subject> subjectsOf(const Fitout& fitout)
{
    std::vector<Subject> all{Subject{}};
    for (const auto& [id, place] : fitout.places) all.emplace_back(id);
    for (const auto& [id, device] : fitout.devices) {
        all.emplace_back(id);
        for (const auto& [name, element] : fitout.parts.at(device.part).inside) all.emplace_back(Port{id, name});
    }
    for (const auto& [id, part] : fitout.parts) {
        all.emplace_back(id);
        for (const auto& [name, element] : part.inside) all.emplace_back(Inside{id, name});
    }
    for (const auto& [id, wire] : fitout.wires) all.emplace_back(id);
    return all;
}

TEST(SetFigure, WhatIsWrittenAnywhereIsReadThereAndTakenBackWhole)
{
    const Plan plan = demoPlan();
    const std::vector<Subject> all = subjectsOf(resolve(plan, kFound));
    EXPECT_GT(all.size(), 30U);
    for (const Subject& subject : all) {
        const Edit edit = setFigure(plan, kFound, {subject, Quantity::Length_m}, kWritten);
        const Applied written = apply(plan, edit);
        EXPECT_EQ(at(written.plan, kFound, subject, Quantity::Length_m), 0.0123) << subject.index();
        EXPECT_TRUE(validate(written.plan).empty()) << subject.index();
        EXPECT_EQ(apply(written.plan, written.inverse).plan, plan);
        const Edit gone = setFigure(written.plan, kFound, {subject, Quantity::Length_m}, std::nullopt);
        EXPECT_EQ(at(apply(written.plan, gone).plan, kFound, subject, Quantity::Length_m), std::nullopt);
    }
}

TEST(SetFigure, WhatIsNotThereIsNotChanged)
{
    const Plan plan = demoPlan();
    for (const Subject& subject :
         {Subject{PlaceId{999}}, Subject{DeviceId{999}}, Subject{Port{DeviceId{999}, "1"}},
          Subject{Port{kLeftSpeaker, "none"}}, Subject{PartId{999}}, Subject{Inside{PartId{999}, "1"}},
          Subject{WireId{999}}, Subject{kLeftRun}, Subject{ListenerId{5}}}) {
        EXPECT_TRUE(setFigure(plan, kFound, {subject, Quantity::Length_m}, kWritten).changes.empty());
        EXPECT_EQ(figuresAt(resolve(plan, kFound), subject), nullptr);
    }
}

// A twin that follows gets what its leader gets; of the speakers, too.
TEST(SetFigure, ATwinThatFollowsGetsItToo)
{
    const Plan plan = demoPlan();
    const Plan placed = apply(plan, setFigure(plan, kFound, {kLeft, Quantity::Depth_m}, kWritten)).plan;
    EXPECT_EQ(at(placed, kFound, kRight, Quantity::Depth_m), 0.0123);
    const Plan spoken = apply(plan, setFigure(plan, kFound, {kLeftSpeaker, Quantity::Depth_m}, kWritten)).plan;
    EXPECT_EQ(at(spoken, kFound, kRightSpeaker, Quantity::Depth_m), 0.0123);
    EXPECT_EQ(resolve(spoken, kFactory).parts, resolve(spoken, kFound).parts) << "true of it at every stage";
}

// Typed at the goal over what was found it is another part; what hangs there now stays what it is.
TEST(SetFigure, AtTheGoalItPlansAnotherPart)
{
    Plan plan = demoPlan();
    const StageId goal = plan.job.goal;
    ASSERT_NE(goal, kFound);
    std::erase_if(plan.devices, [&](const auto& entry) { return entry.first.stage == goal; });
    const auto before = at(plan, kFound, kLeftSpeaker, Quantity::Depth_m);
    const Plan planned = apply(plan, setFigure(plan, goal, {kLeftSpeaker, Quantity::Depth_m}, kWritten)).plan;
    EXPECT_EQ(at(planned, goal, kLeftSpeaker, Quantity::Depth_m), 0.0123);
    EXPECT_EQ(at(planned, kFound, kLeftSpeaker, Quantity::Depth_m), before);
    const Fitout then = resolve(planned, goal);
    EXPECT_TRUE(then.parts.at(then.devices.at(kLeftSpeaker).part).shelfKey.empty()) << "not quite the shelf's";
    // Once it is another one, what is typed is true of that one.
    const Known more{0.0456};
    const Plan again = apply(planned, setFigure(planned, goal, {kLeftSpeaker, Quantity::Depth_m}, more)).plan;
    EXPECT_EQ(at(again, goal, kLeftSpeaker, Quantity::Depth_m), 0.0456);
    EXPECT_EQ(resolve(again, goal).devices, then.devices);
}

TEST(SetFigure, AWireGetsItFromItsStageOn)
{
    const Plan plan = demoPlan();
    const WireId wire = resolve(plan, plan.job.goal).wires.begin()->first;
    const Plan later = apply(plan, setFigure(plan, plan.job.goal, {wire, Quantity::Length_m}, Known{7.5})).plan;
    EXPECT_EQ(at(later, plan.job.goal, wire, Quantity::Length_m), 7.5);
    EXPECT_EQ(at(later, kFound, wire, Quantity::Length_m), at(plan, kFound, wire, Quantity::Length_m));
}

}  // namespace
}  // namespace core
