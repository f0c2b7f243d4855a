// Who plays what: bands, gaps, overlaps, and what a subwoofer does for the doors.
#include "core/advice/band_plan.h"

#include <gtest/gtest.h>

#include <cmath>

#include "core/edits/layers.h"
#include "core/edits/named_edits.h"
#include "core/edits/set_edits.h"
#include "core/edits/source_edits.h"
#include "core/fitout/sides.h"
#include "core/io/plan_file.h"
#include "core/shipped/shipped.h"
#include "tests/core/surveyed_plan.h"

namespace core {
namespace {

using tests::after;

BandPlan bandsOf(const Plan& plan)
{
    const Evaluation evaluation = tests::evaluated(plan);
    const auto bands = bandPlan(tests::goalOf(evaluation, plan), *evaluation.stages.at(kFound),
                                plan.listeners.begin()->first, evaluation.practice, evaluation.frequency_hz);
    EXPECT_TRUE(bands);
    return bands.value_or(BandPlan{});
}

const BandRow* rowOf(const BandPlan& bands, DeviceId device)
{
    for (const BandRow& row : bands.rows)
        if (row.run.coil.device == device) return &row;
    return nullptr;
}

Plan withSetting(const Plan& plan, const Port& channel, const Setting& setting)
{
    return after(plan, setChannel(plan, channel, setting));
}

TEST(BandPlan, OneRowADriverTheLargestFirst)
{
    const Plan plan = readPlanText(std::string(shippedDemoText()), "demo.reed")->plan;
    const Evaluation evaluation = tests::evaluated(plan);
    const StageResult& stage = tests::goalOf(evaluation, plan);
    const BandPlan bands = bandsOf(plan);
    size_t leaders = 0;
    for (const RunResult& run : stage.runs) leaders += !run.sameCone && !repeatsLeader(stage, run.run.id.coil.device);
    EXPECT_EQ(bands.rows.size(), leaders);
    for (size_t i = 1; i < bands.rows.size(); ++i)
        EXPECT_GE(findRun(stage, bands.rows[i - 1].run)->driver.sd_m2, findRun(stage, bands.rows[i].run)->driver.sd_m2);
    EXPECT_LT(bands.plays.from_hz, 200.0);
    EXPECT_GT(bands.plays.to_hz, 5000.0);
    for (const BandRow& row : bands.rows)
        for (const BandStretch& one : row.carries) {
            EXPECT_GE(one.from_hz, bands.plays.from_hz);
            EXPECT_LE(one.to_hz, bands.plays.to_hz);
            EXPECT_GE(one.octaves(), 1.0 / 3.0);
        }
}

// Filters three octaves apart leave a band to nobody; brought together they do not. Between 1 and 8 kHz the two are
// under by 18 dB an octave each.
TEST(BandPlan, WhatNobodyPlaysIsAGap)
{
    const tests::TwoChannels car = tests::twoChannels();
    const auto bands = [&](double low_hz, double high_hz) {
        return bandsOf(withSetting(withSetting(car.plan, car.doorChannel, {.lowPass = Filter{low_hz, 4}}),
                                   car.sailChannel, {.highPass = Filter{high_hz, 4}}));
    };
    const BandPlan apart = bands(1000.0, 8000.0);
    ASSERT_EQ(apart.gaps.size(), 1U);
    EXPECT_GT(apart.gaps[0].from_hz, 1000.0);
    EXPECT_LT(apart.gaps[0].to_hz, 8000.0);
    EXPECT_GT(apart.gaps[0].octaves(), 0.5);
    EXPECT_TRUE(bands(2500.0, 2500.0).gaps.empty());
}

// A channel's high-pass and a capacitor that begin within two octaves of each other are said to be doubled.
TEST(BandPlan, TwoFiltersOnOneWayAreDoubled)
{
    const tests::TwoChannels car = tests::twoChannels();
    const auto sail = [&](const Plan& plan) { return *rowOf(bandsOf(plan), car.sail); };
    EXPECT_FALSE(sail(car.plan).doubled);
    const double corner_hz = *sail(car.plan).ownHighPass_hz;
    const auto at = [&](double ratio) {
        return sail(withSetting(car.plan, car.sailChannel, {.highPass = Filter{ratio * corner_hz, 2}}));
    };
    EXPECT_TRUE(at(0.5).doubled);
    EXPECT_TRUE(at(0.251).doubled);
    EXPECT_FALSE(at(0.249).doubled) << "two octaves";
    EXPECT_DOUBLE_EQ(*at(0.2).channelHighPass_hz, 0.2 * corner_hz);
}

// 'The new subwoofer relieves the doors': only where a filter takes their lows (common practice, no source).
TEST(BandPlan, ASubwooferRelievesNobodyByItself)
{
    const tests::TwoChannels car = tests::twoChannels();
    EXPECT_TRUE(bandsOf(car.plan).relief.empty()) << "no subwoofer came";
    Plan plan = car.plan;
    const StageId goal = plannedGoal(plan);
    plan = after(plan, addSource(plan, goal, PartKind::Amplifier, {"SC"}, {}));
    plan = after(plan, addSpeakers(plan, goal, tests::spotOf(plan, "own box"), tests::shop().practice));
    const auto doorOf = [&](const BandPlan& bands) {
        const auto door = std::find_if(bands.relief.begin(), bands.relief.end(), [&](const BandRelief& one) {
            return bands.rows[one.row].run.coil.device == car.door;
        });
        EXPECT_NE(door, bands.relief.end());
        return door == bands.relief.end() ? BandRelief{} : *door;
    };
    const BandRelief alone = doorOf(bandsOf(plan));
    EXPECT_FALSE(alone.relieved());
    EXPECT_DOUBLE_EQ(alone.after_ratio, alone.before_ratio);
    const BandRelief filtered = doorOf(bandsOf(withSetting(plan, car.doorChannel, {.highPass = Filter{150.0, 4}})));
    EXPECT_TRUE(filtered.relieved());
    EXPECT_DOUBLE_EQ(filtered.before_ratio, alone.before_ratio);
    EXPECT_LT(filtered.after_ratio, 0.8 * filtered.before_ratio);
}

}  // namespace
}  // namespace core
