// A whole plan of twelve runs, two listeners (four ear points), 481 frequencies and six surfaces. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include <array>

#include "core/design/align.h"
#include "core/design/remedies.h"
#include "core/design/mount_surfaces.h"
#include "core/design/spots.h"
#include "core/evaluate/evaluate.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/judgement/measure_next.h"
#include "core/spread/widen.h"
#include "tests/core/twelve_runs.h"

namespace {

using namespace core;

// One stage, from nothing.
void WholePlanCold(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    const Plan plan = tests::TwelveRuns().plan;
    for (auto _ : state) benchmark::DoNotOptimize(evaluate(plan, practice, std::array{kFound}));
}
BENCHMARK(WholePlanCold)->Unit(benchmark::kMillisecond);

// Before and after from nothing: the goal has another amplifier gain, another driver and a tweeter elsewhere.
void WholePlanBothStagesCold(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    Plan plan = tests::TwelveRuns().plan;
    for (auto& [key, device] : Layered<DeviceId, Device>(plan.devices)) {
        if (device->label != "FL other") continue;
        plan.mounts[{plan.job.goal, key.key}] = Mount{.frame = Frame{{-0.5, 0.5, 1.05}, {-1.0, -0.3, 0.0}}};
        plan.settings[{plan.job.goal, {tests::TwelveRuns().amplifier, "FL"}}] = Setting{.gain_db = -2.0};
    }
    for (auto _ : state) benchmark::DoNotOptimize(evaluateJob(plan, practice));
}
BENCHMARK(WholePlanBothStagesCold)->Unit(benchmark::kMillisecond);

Plan edited(const tests::TwelveRuns& twelve, double step)
{
    Plan plan = twelve.plan;
    for (auto& [key, device] : Layered<DeviceId, Device>(plan.devices))
        if (device->label == "FL other")
            plan.mounts[{plan.job.goal, key.key}] = Mount{.frame = Frame{{-0.6 + step, 0.6, 1.0}, {-1.0, -0.5, 0.2}}};
    return plan;
}

// Before and after once more when a tweeter was dragged: only its four ways are new.
void WholePlanOneEdit(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    const tests::TwelveRuns twelve;
    const std::array plans{edited(twelve, 0.0), edited(twelve, 0.01)};
    Evaluation last = evaluateJob(plans[0], practice);
    size_t turn = 0;
    for (auto _ : state) last = evaluateJob(plans[++turn % 2], practice, last);
}
BENCHMARK(WholePlanOneEdit)->Unit(benchmark::kMillisecond);

// The same when one channel's level was changed: its circuit is new, all ways stay.
void WholePlanOneLevel(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    const tests::TwelveRuns twelve;
    std::array plans{twelve.plan, twelve.plan};
    for (size_t i = 0; i < plans.size(); ++i)
        plans[i].settings[{plans[i].job.goal, {twelve.amplifier, "RL"}}] = Setting{.gain_db = -1.0 - double(i)};
    Evaluation last = evaluateJob(plans[0], practice);
    size_t turn = 0;
    for (auto _ : state) last = evaluateJob(plans[++turn % 2], practice, last);
}
BENCHMARK(WholePlanOneLevel)->Unit(benchmark::kMillisecond);

// Runs added on the same channels, so that only their number grows: 24 against the 12 of WholePlanCold.
void WholePlanTwiceTheRuns(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    tests::TwelveRuns twelve;
    twelve.doubleRuns();
    const Plan& plan = twelve.plan;
    for (auto _ : state) benchmark::DoNotOptimize(evaluate(plan, practice, std::array{kFound}));
}
BENCHMARK(WholePlanTwiceTheRuns)->Unit(benchmark::kMillisecond);

// What unmeasured values could do: 100 draws and both ends of each value, one stage.
void WidenTwelveRuns(benchmark::State& state)
{
    const Evaluation evaluation = evaluate(tests::TwelveRuns().plan, shippedShop().practice, std::array{kFound});
    for (auto _ : state) benchmark::DoNotOptimize(widen(evaluation));
}
BENCHMARK(WidenTwelveRuns)->Unit(benchmark::kMillisecond);

// What `check` does with more and more woofers on one channel, each of its own kind: it grows with their number.
void CheckOneChannel(benchmark::State& state)
{
    const Practice practice = shippedShop().practice;
    tests::TwelveRuns twelve;
    twelve.crowd(static_cast<int>(state.range(0)));
    for (auto _ : state) {
        const Evaluation evaluation = widen(evaluateJob(twelve.plan, practice));
        const std::vector<Finding> findings = judge(twelve.plan, evaluation);
        benchmark::DoNotOptimize(measureNext(twelve.plan, evaluation, findings));
    }
}
BENCHMARK(CheckOneChannel)
    ->Name("CheckSixtyOnOneChannel")
    ->Arg(0)
    ->Arg(20)
    ->Arg(60)
    ->Arg(180)
    ->Unit(benchmark::kMillisecond);

void RemediesOneChannel(benchmark::State& state)
{
    const Shop shop = shippedShop();
    tests::TwelveRuns twelve;
    twelve.crowd(static_cast<int>(state.range(0)));
    const Evaluation evaluation = evaluateJob(twelve.plan, shop.practice);
    for (auto _ : state)
        benchmark::DoNotOptimize(remedies(twelve.plan, shop.practice, shop.shelf, shop.vehicles, evaluation,
                                          Complaint::NotLoud, twelve.driver));
}
BENCHMARK(RemediesOneChannel)->Arg(20)->Arg(60)->Arg(180)->Unit(benchmark::kMillisecond);

// Delays, levels and polarity of six channels for two seats.
void AlignTwoSeats(benchmark::State& state)
{
    const tests::TwelveRuns twelve;
    const Practice practice = shippedShop().practice;
    for (auto _ : state)
        benchmark::DoNotOptimize(align(twelve.plan, practice, std::array{twelve.driver, twelve.passenger}));
}
BENCHMARK(AlignTwoSeats)->Unit(benchmark::kMillisecond);

// Two thousand spots for a tweeter and its twin on the other side, four ears each.
void Spots2000(benchmark::State& state)
{
    const tests::TwelveRuns twelve;
    const Shop shop = shippedShop();
    const Practice& practice = shop.practice;
    const Evaluation evaluation = evaluate(twelve.plan, practice, std::array{kFound});
    const StageResult& stage = *evaluation.stages.at(kFound);
    const auto mounts = mountsOf(stage.used, shop.vehicles, practice);
    DeviceId tweeter{};
    for (const auto& [id, device] : stage.used.devices)
        if (device.label == "FL other") tweeter = id;
    for (auto _ : state) 
        benchmark::DoNotOptimize(mapSpots(stage, practice, {.device = tweeter, .count = 2000, .surfaces = mounts}));
}
BENCHMARK(Spots2000)->Unit(benchmark::kMillisecond);

}  // namespace
