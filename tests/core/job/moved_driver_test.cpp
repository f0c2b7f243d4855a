// A driver that Aim puts somewhere else, as work: taken out where it was, fitted where it goes.
#include <gtest/gtest.h>

#include "core/design/mount_surfaces.h"
#include "core/edits/aim_edits.h"
#include "core/job/job_plan.h"
#include "core/model/aim.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

struct Moved {
    Plan plan = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    DeviceId sail = tests::driverAt(plan, "left sail");
    Frame to{};

    Moved()
    {
        for (const auto& [id, one] : usualMounts(plan.body, tests::shop().vehicles, tests::shop().practice))
            if (one.name == "left kick panel") {
                to = aimed(middleOf(one), {25.0, 30.0});
                plan = tests::after(plan, putDriverOn(plan, sail, to, one));
            }
    }
    [[nodiscard]] JobPlan job() const { return planJob(plan, kFound, plan.job.goal, tests::evaluated(plan)); }
    [[nodiscard]] std::string placeOf(const Step& step) const
    {
        return step.place ? plan.places.at(step.place).name : std::string();
    }
};

TEST(MovedDriver, IsTakenOutWhereItWasAndFittedWhereItGoes)
{
    const Moved moved;
    const JobPlan job = moved.job();
    std::map<StepKind, std::vector<std::string>> at;
    std::vector<StepKind> order;
    for (const Step& step : job.steps) {
        at[step.kind].push_back(moved.placeOf(step));
        order.push_back(step.kind);
    }
    const std::vector<std::string> was{"left sail", "right sail"}, goes{"left kick panel", "right kick panel"};
    EXPECT_EQ(at[StepKind::RemoveDriver], was);
    EXPECT_EQ(at[StepKind::FitDriver], goes);
    EXPECT_EQ(at[StepKind::Connect], goes);
    EXPECT_EQ(at[StepKind::OpenTrim], (std::vector<std::string>{was[0], was[1], goes[0], goes[1]}));
    EXPECT_EQ(at[StepKind::CloseTrim].size(), 4U);
    const auto last = std::find(order.rbegin(), order.rend(), StepKind::RemoveDriver);
    const auto first = std::find(order.begin(), order.end(), StepKind::FitDriver);
    EXPECT_LT(order.rend() - last, first - order.begin() + 1) << "taken out before anything goes in";
    EXPECT_FALSE(at.contains(StepKind::KeepOriginals)) << "nothing is left over";
}

// The step says which way it looks; the wires that reach it end somewhere else now.
TEST(MovedDriver, IsAimedAndItsLeadsEndElsewhere)
{
    Moved moved;
    moved.plan = tests::after(moved.plan, setMountStyle(moved.plan, moved.sail, MountStyle::Cup));
    const JobPlan job = moved.job();
    int fitted = 0;
    for (const Step& step : job.steps) {
        if (step.kind != StepKind::FitDriver) continue;
        ++fitted;
        EXPECT_NEAR(step[StepFigure::AimIn_deg], 25.0, 1e-9);
        EXPECT_NEAR(step[StepFigure::AimUp_deg], 30.0, 1e-9);
        EXPECT_EQ(step.style, MountStyle::Cup);
    }
    EXPECT_EQ(fitted, 2);
    for (const WireRow& wire : job.wires) {
        const bool reaches = wire.from.device == moved.sail || wire.to.device == moved.sail;
        if (reaches && wire.from.device != wire.to.device) {
            EXPECT_EQ(wire.state, WireState::NewEnd);
        }
    }
    // Turned where it is: the same place, nothing of it is rewired.
    Plan turned = tests::withSpots(BodyKind::Saloon, {"front door", "sail"});
    const DeviceId sail = tests::driverAt(turned, "left sail");
    const Vec3 at = turned.places.at(tests::placeNamed(turned, "left sail")).frame.at_m;
    turned = tests::after(turned, placeDriver(turned, sail, aimed(at, {60.0, 0.0})));
    for (const WireRow& wire : planJob(turned, kFound, turned.job.goal, tests::evaluated(turned)).wires)
        EXPECT_EQ(wire.state, WireState::Kept);
}

}  // namespace
}  // namespace core
