// A whole plan of twelve runs, two listeners (four ear points), 481 frequencies and six surfaces. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include <array>

#include "core/evaluate/evaluate.h"
#include "core/io/shop.h"
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

}  // namespace
