// A value stepped where it stands at Split, to the painted curves; and the search for crossovers. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include "app/stations/split/bench_drawing.h"
#include "app/stations/split/value_picker.h"
#include "app/widgets/place_plan.h"
#include "benchmarks/bench_window.h"
#include "core/advice/band_plan.h"
#include "core/design/split_search.h"
#include "core/edits/survey_edits.h"
#include "core/evaluate/evaluate.h"
#include "core/shipped/shipped.h"
#include "core/spread/split_band.h"

namespace {

constexpr core::DeviceId kSailTweeter{37}, kHeadUnit{10};
constexpr core::PlaceId kSail{34};

class SplitWindow {
public:
    SplitWindow()
    {
        m_bench.session.openText(std::string(core::shippedDemoText()), "demo.reed");
        m_bench.show("Split");
        emit m_bench.window.findChild<app::PlacePlan*>()->picked(kSail);
        emit m_bench.window.findChild<app::BenchDrawing*>()->chosen({{kSailTweeter, "C"}, false});
        QApplication::processEvents();
    }
    // One notch of the wheel, to the painted window.
    void step(double value_f)
    {
        emit m_bench.window.findChild<app::ValuePicker*>()->tried(value_f, false);
        QApplication::processEvents();
    }
    [[nodiscard]] const app::Snapshot& snapshot() { return m_bench.session.snapshot(); }

private:
    bench::Window m_bench{};
};

void SplitValueStep(benchmark::State& state)
{
    SplitWindow window;
    bool up = false;
    for (auto _ : state) {
        window.step(up ? 5.6e-6 : 6.8e-6);
        up = !up;
    }
}
BENCHMARK(SplitValueStep)->Unit(benchmark::kMillisecond);

void SplitsOfTheDemo(benchmark::State& state)
{
    SplitWindow window;
    size_t tried = 0;
    for (auto _ : state) {
        const auto found =
            core::searchSplits(window.snapshot().plan, window.snapshot().evaluation, {.tweeter = kSailTweeter});
        tried = found ? found->tried : 0;
        benchmark::DoNotOptimize(found);
    }
    state.counters["tried"] = static_cast<double>(tried);
}
BENCHMARK(SplitsOfTheDemo)->Unit(benchmark::kMillisecond);

// The tweeter on a channel of its own: corners, shapes, levels and polarity of both filters.
void SplitsBySettings(benchmark::State& state)
{
    SplitWindow window;
    const core::Plan plan = core::apply(window.snapshot().plan,
                                        core::connectSpeaker(window.snapshot().plan, core::kFactory, kSailTweeter,
                                                             core::Port{kHeadUnit, "RL"}))
                                .plan;
    const core::Evaluation evaluation = core::evaluateJob(plan, window.snapshot().practice());
    size_t tried = 0;
    for (auto _ : state) {
        const auto found = core::searchSplits(plan, evaluation, {.tweeter = kSailTweeter});
        tried = found ? found->tried : 0;
        benchmark::DoNotOptimize(found);
    }
    state.counters["tried"] = static_cast<double>(tried);
}
BENCHMARK(SplitsBySettings)->Unit(benchmark::kMillisecond);

// Door, dash and sail of a saloon on one channel: both hand-overs at once.
void SplitsOfThree(benchmark::State& state)
{
    const core::Shop shop = core::shippedShop();
    core::Plan plan = core::newPlan(core::BodyKind::Saloon, shop.vehicles);
    core::DeviceId last{};
    for (const char* name : {"front door", "dash top", "sail"})
        for (const core::UsualSpot& spot : core::usualSpots(plan.body, shop.vehicles))
            if (spot.name == name)
                plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, spot, shop.practice)).plan;
    const core::Evaluation evaluation = core::evaluateJob(plan, shop.practice);
    const core::StageResult& stage = *evaluation.stages.at(plan.job.goal);
    for (const core::SplitPair& pair : core::splitPairs(stage, evaluation.practice))
        last = stage.runs[pair.high].run.id.coil.device;
    size_t tried = 0;
    for (auto _ : state) {
        const auto found = core::searchSplits(plan, evaluation, {.tweeter = last});
        tried = found ? found->tried : 0;
        benchmark::DoNotOptimize(found);
    }
    state.counters["tried"] = static_cast<double>(tried);
}
BENCHMARK(SplitsOfThree)->Unit(benchmark::kMillisecond);

void WhoPlaysWhat(benchmark::State& state)
{
    SplitWindow window;
    const app::Snapshot& shown = window.snapshot();
    for (auto _ : state)
        benchmark::DoNotOptimize(core::bandPlan(shown.after(), shown.before(), shown.plan.listeners.begin()->first,
                                                shown.practice(), shown.evaluation.frequency_hz));
}
BENCHMARK(WhoPlaysWhat)->Unit(benchmark::kMillisecond);

// 100 draws of the parts on the ways of one pair, in the background.
void PartsAsTheyAreSold(benchmark::State& state)
{
    SplitWindow window;
    const app::Snapshot& shown = window.snapshot();
    const auto pair = core::splitPairOf(shown.after(), kSailTweeter, shown.practice());
    for (auto _ : state)
        benchmark::DoNotOptimize(
            core::splitBand(shown.after(), *pair, shown.plan.listeners.begin()->first, shown.evaluation));
}
BENCHMARK(PartsAsTheyAreSold)->Unit(benchmark::kMillisecond);

}  // namespace
