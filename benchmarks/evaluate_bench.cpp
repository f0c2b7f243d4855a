// How long the parts of one answer take. Run alone on a quiet machine; figures in docs/performance.md.
#include <benchmark/benchmark.h>

#include <sstream>
#include <utility>

#include "core/base/grid.h"
#include "core/design/rank_drivers.h"
#include "core/edits/named_edits.h"
#include "core/evaluate/circuit.h"
#include "core/evaluate/evaluate.h"
#include "core/fitout/resolve.h"
#include "core/io/plan_file.h"
#include "core/io/shelf_file.h"
#include "core/io/shop.h"
#include "core/judgement/judge.h"
#include "core/shipped/shipped.h"
#include "tests/core/twelve_runs.h"

namespace {

using namespace core;

constexpr DeviceId kRadio{10}, kSpeaker{12};

Plan demoWithDriver(const Shop& shop)
{
    const Plan plan = readPlanText(std::string(shippedDemoText()), "demo")->plan;
    return apply(plan, fitPart(plan, kSpeaker, *shop.shelf.of(PartKind::Driver).front())).plan;
}

// Before and after of the demo from nothing: two stages of two channels, two runs and two listeners each, 481
// frequencies.
void WholePlanFromNothing(benchmark::State& state)
{
    const Shop shop = shippedShop();
    const Plan plan = demoWithDriver(shop);
    for (auto _ : state) benchmark::DoNotOptimize(evaluateJob(plan, shop.practice));
}
BENCHMARK(WholePlanFromNothing)->Unit(benchmark::kMillisecond);

// The same after one edit: only the goal is new.
void WholePlanAfterOneEdit(benchmark::State& state)
{
    const Shop shop = shippedShop();
    const Plan plan = demoWithDriver(shop);
    const Evaluation last = evaluateJob(plan, shop.practice);
    const Plan other = apply(plan, fitPart(plan, kSpeaker, *shop.shelf.of(PartKind::Driver).back())).plan;
    for (auto _ : state) benchmark::DoNotOptimize(evaluateJob(other, shop.practice, last));
}
BENCHMARK(WholePlanAfterOneEdit)->Unit(benchmark::kMillisecond);

void JudgeThePlan(benchmark::State& state)
{
    const Shop shop = shippedShop();
    const Plan plan = demoWithDriver(shop);
    const Evaluation evaluation = evaluateJob(plan, shop.practice);
    for (auto _ : state) benchmark::DoNotOptimize(judge(plan, evaluation));
}
BENCHMARK(JudgeThePlan)->Unit(benchmark::kMillisecond);

// Every driver of the shelf tried in one place, as Match does after every edit.
void RankTheShelf(benchmark::State& state)
{
    const Shop shop = shippedShop();
    const Plan plan = demoWithDriver(shop);
    const Evaluation last = evaluateJob(plan, shop.practice);
    for (auto _ : state) benchmark::DoNotOptimize(rankDrivers(plan, shop.shelf, kSpeaker, last));
}
BENCHMARK(RankTheShelf)->Unit(benchmark::kMillisecond);

// A shelf of a thousand drivers for one place: the shipped ones again and again, each a little another one.
void RankThousandDrivers(benchmark::State& state)
{
    Shop shop = shippedShop();
    const std::vector<const Part*> drivers = shop.shelf.of(PartKind::Driver);
    Shelf thousand;
    for (size_t i = 0; thousand.parts.size() < 1000; ++i) {
        Part part = *drivers[i % drivers.size()];
        part.shelfKey += std::to_string(i);
        part.figures[Quantity::Fs_hz].value *= 1.0 + 1e-4 * static_cast<double>(i);
        part.figures[Quantity::ScrewCircle_m].value = 0.08 + 1e-4 * static_cast<double>(i % 300);
        thousand.parts.push_back(std::move(part));
    }
    Plan plan = demoWithDriver(shop);
    for (auto& [id, place] : plan.places) {
        place.room[Quantity::ScrewCount] = Known{4.0};
        place.room[Quantity::ScrewCircle_m] = Known{0.102};
        place.room[Quantity::FrontClearance_m] = Known{0.02};
        place.room[Quantity::Cutout_m] = Known{0.096};
    }
    const Evaluation last = evaluateJob(plan, shop.practice);
    for (auto _ : state) benchmark::DoNotOptimize(rankDrivers(plan, thousand, kSpeaker, last));
}
BENCHMARK(RankThousandDrivers)->Unit(benchmark::kMillisecond)->UseRealTime();

// One channel's network alone, 481 frequencies.
void SolveOneChannel(benchmark::State& state)
{
    const Shop shop = shippedShop();
    const Plan plan = demoWithDriver(shop);
    const auto circuit = circuitOf(resolve(plan, kFound), {kRadio, "RL"}, shop.practice);
    const Eigen::ArrayXd grid = frequencyGrid_hz();
    for (auto _ : state) benchmark::DoNotOptimize(solveNetwork(circuit->network, grid));
}
BENCHMARK(SolveOneChannel)->Unit(benchmark::kMillisecond);

void ReadAPlan(benchmark::State& state)
{
    const std::string text(shippedDemoText());
    for (auto _ : state) benchmark::DoNotOptimize(readPlanText(text, "demo"));
}
BENCHMARK(ReadAPlan)->Unit(benchmark::kMillisecond);

void ReadHundredPlaces(benchmark::State& state)
{
    tests::TwelveRuns twelve;
    twelve.crowd(100);
    const std::string text = planText({twelve.plan, {}});
    for (auto _ : state) benchmark::DoNotOptimize(readPlanText(text, "hundred"));
}
BENCHMARK(ReadHundredPlaces)->Unit(benchmark::kMillisecond);

// The most rows that a shelf may have, of every kind of part.
void ReadShelf200000(benchmark::State& state)
{
    const Shop shop = shippedShop();
    Shelf shelf;
    while (shelf.parts.size() < kMostShelfRows)
        for (Part part : shop.shelf.parts) {
            if (shelf.parts.size() == kMostShelfRows) break;
            part.shelfKey += std::to_string(shelf.parts.size());
            shelf.parts.push_back(std::move(part));
        }
    std::ostringstream text;
    writeShelf(text, std::exchange(shelf, {}));
    for (auto _ : state) benchmark::DoNotOptimize(readShelf(text.str(), "shelf.csv", shop.practice));
}
BENCHMARK(ReadShelf200000)->Unit(benchmark::kMillisecond)->Iterations(1);

}  // namespace
