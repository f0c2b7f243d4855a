// A tweeter dragged in the station Aim, with twelve runs and two heads, in the real window. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include <QApplication>

#include "benchmarks/bench_window.h"
#include "core/edits/aim_edits.h"
#include "core/edits/survey_edits.h"

namespace {

// Three pairs of doors and sails, front and rear, on six channels: twelve drivers.
core::Plan twelveDrivers(const core::Shop& shop)
{
    core::Plan plan = core::newPlan(core::BodyKind::Estate, shop.vehicles);
    int row = 0;
    for (const double x_m : {-0.9, -1.3, -1.9})
        for (const core::UsualSpot& usual : core::usualSpots(plan.body, shop.vehicles)) {
            if (usual.name != "front door" && usual.name != "sail") continue;
            core::UsualSpot spot = usual;
            spot.name += " " + std::to_string(++row);
            spot.frame.at_m.x = x_m;
            plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, spot, shop.practice)).plan;
        }
    return plan;
}

// Everything that a mouse move costs: edit, evaluation, judgement, job, both views, habits, paint.
void AimDragFrame(benchmark::State& state)
{
    bench::Window bench;
    bench.session.startNew(twelveDrivers(bench.session.shop()));
    bench.show("Aim");
    QApplication::processEvents();
    if (bench.session.snapshot().after().runs.size() != 12) state.SkipWithError("needs twelve runs");
    const core::DeviceId held = bench.session.snapshot().after().runs.front().run.id.coil.device;
    const auto frame = [&] { return *core::frameOf(bench.session.snapshot().after().used, held); };
    bench.session.apply(core::placeDriver(bench.session.snapshot().plan, held, frame()));  // a goal of its own
    double way_m = 0.005;
    for (auto _ : state) {
        core::Frame to = frame();
        to.at_m.x += way_m;
        way_m = -way_m;
        bench.session.drag(core::placeDriver(bench.session.snapshot().plan, held, to));
        QApplication::processEvents();  // paints both views
    }
}
BENCHMARK(AimDragFrame)->Unit(benchmark::kMillisecond);

}  // namespace
