// A sheet keeps the vehicle and leaves the job; the next job starts from it with everything to be confirmed.
#include "core/edits/vehicle_sheet.h"

#include <gtest/gtest.h>

#include <sstream>

#include "core/fitout/resolve.h"
#include "core/model/validate.h"
#include "core/spread/uncertain_inputs.h"
#include "tests/core/demo_plan.h"
#include "tests/core/twelve_runs.h"

namespace core {
namespace {

TEST(VehicleSheet, HoldsTheVehicleAndNotTheJob)
{
    Plan plan = tests::troublePlan();
    plan = apply(plan, readResistance(plan, kFound, {tests::kLeftSpeaker, "1"}, 5.0, 0.1)).plan;
    const Plan sheet = vehicleSheet(plan);
    EXPECT_TRUE(validate(sheet).empty());
    EXPECT_EQ(sheet.body, plan.body);
    EXPECT_EQ(sheet.places, plan.places);
    EXPECT_EQ(sheet.listeners, plan.listeners);
    EXPECT_EQ(sheet.job, Job{});
    EXPECT_TRUE(sheet.readings.empty());
    EXPECT_EQ(sheet.stages, Plan{}.stages);
    Fitout factory = resolve(plan, kFactory), again = resolve(sheet, kFactory);
    EXPECT_EQ(factory.devices, again.devices);
    EXPECT_EQ(factory.wires, again.wires);
}

// The same vehicle sounds the same: nothing that matters was left out.
TEST(VehicleSheet, SoundsAsTheFactoryDid)
{
    const tests::TwelveRuns twelve;
    const Practice practice = shippedShop().practice;
    const auto heard = [&](const Plan& plan) {
        const Evaluation evaluation = evaluate(plan, practice, std::array{kFactory});
        return evaluation.stages.at(kFactory)->hearing.at(twelve.driver).level_db;
    };
    EXPECT_TRUE((heard(twelve.plan) == heard(vehicleSheet(twelve.plan))).all());
}

TEST(VehicleSheet, AMeasuredValueIsToBeConfirmedInTheNextVehicle)
{
    Plan plan = tests::demoPlan();
    plan = apply(plan, readResistance(plan, kFactory, {tests::kLeftSpeaker, "1"}, 5.0, 0.1)).plan;
    const Plan next = planFromSheet(vehicleSheet(plan), "B. Lindqvist");
    EXPECT_TRUE(validate(next).empty());
    EXPECT_EQ(next.job.customer, "B. Lindqvist");
    const PartId driver = next.devices.at({kFactory, tests::kLeftSpeaker})->part;
    const Known& re = next.parts.at(driver).inside.at("1").figures.at(Quantity::Re_ohm);
    EXPECT_DOUBLE_EQ(re.value, 4.9);
    EXPECT_TRUE(re.basis.toConfirm);
    EXPECT_EQ(re.basis.reading, tests::kNoReading);
    for (const auto& [key, device] : next.devices) EXPECT_TRUE(device->basis.toConfirm);
    for (const auto& [key, wire] : next.wires) EXPECT_TRUE(wire->basis.toConfirm);
    // It was measured on another one: it counts as stated, with the spread of that.
    const Practice practice = shippedShop().practice;
    for (const UncertainInput& input : uncertainInputs(resolve(next, kFound), practice)) {
        if (input.what.what != Quantity::Re_ohm) continue;
        EXPECT_EQ(input.spread, practice[PracticeKey::ReSpread_ratio]);
        EXPECT_EQ(input.value.basis.origin, Origin::Stated);
    }
}

TEST(VehicleSheet, AnyPlanWillDoForASheet)
{
    const Plan plan = tests::troublePlan();
    EXPECT_EQ(planFromSheet(plan, "N. Abara"), planFromSheet(vehicleSheet(plan), "N. Abara"));
}

TEST(VehicleSheet, GoesThroughAFileUnchanged)
{
    const Plan sheet = vehicleSheet(tests::troublePlan());
    std::ostringstream out;
    writePlan(out, {sheet, {}});
    const auto read = readPlanText(out.str(), "sheet.reed");
    ASSERT_TRUE(read) << oneLine(read.error());
    EXPECT_EQ(read->plan, sheet);
    EXPECT_EQ(vehicleSheet(read->plan), sheet);
}

}  // namespace
}  // namespace core
