// The walk-round with sixty places, each with a driver on one of six channels, in the real window. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include <QApplication>

#include "app/widgets/vehicle_drawing.h"
#include "benchmarks/bench_window.h"
#include "core/edits/place_edits.h"
#include "core/edits/survey_edits.h"

namespace {

constexpr int kPairs = 30;

core::Plan sixtyPlaces(const core::Shop& shop)
{
    core::Plan plan = core::newPlan(core::BodyKind::Bus, shop.vehicles);
    const auto spots = core::usualSpots(plan.body, shop.vehicles);
    for (int i = 0; i < kPairs; ++i) {
        core::UsualSpot spot = spots[static_cast<size_t>(i) % 3];
        spot.ownFilter = i >= 3;  // three pairs have channels of their own, the others share them
        spot.frame.at_m = {0.4 - 0.15 * i, 0.9, 0.6 + 0.05 * (i % 10)};
        plan = core::apply(plan, core::addSpeakers(plan, core::kFactory, spot, shop.practice)).plan;
    }
    return plan;
}

class SurveyWindow {
public:
    SurveyWindow()
    {
        m_bench.session.startNew(sixtyPlaces(m_bench.session.shop()));
        m_bench.show("Walk");
        emit drawing().placeChosen(plan().places.begin()->first);  // what is dragged is picked, its questions open
        QApplication::processEvents();
    }

    // One mouse move of a drag, to the painted window.
    void dragBy(double along_m)
    {
        const core::Plan& plan = m_bench.session.snapshot().plan;
        const auto& [id, there] = *plan.places.begin();
        core::Place place = there;
        place.frame.at_m.x += along_m;
        m_bench.session.drag(core::changePlace(plan, id, place));
        paint();
    }
    void paint()
    {
        drawing().repaint();
        QApplication::processEvents();
    }
    [[nodiscard]] const core::Plan& plan() { return m_bench.session.snapshot().plan; }

    [[nodiscard]] app::VehicleDrawing& drawing()
    {
        return *m_bench.window.findChild<app::VehicleDrawing*>(QStringLiteral("surveyDrawing"));
    }

private:
    bench::Window m_bench{};
};

// Everything that a mouse move costs: edit, evaluation, judgement, job, every view in sight, paint.
void SixtyPlacesDragFrame(benchmark::State& state)
{
    SurveyWindow window;
    if (window.plan().places.size() != 2 * kPairs) state.SkipWithError("needs sixty places");
    double way_m = 0.01;
    for (auto _ : state) {
        window.dragBy(way_m);
        way_m = -way_m;
    }
}
BENCHMARK(SixtyPlacesDragFrame)->Unit(benchmark::kMillisecond);

// The drawing alone once more, as when something else is picked.
void SixtyPlacesPaint(benchmark::State& state)
{
    SurveyWindow window;
    for (auto _ : state) window.paint();
}
BENCHMARK(SixtyPlacesPaint)->Unit(benchmark::kMillisecond);

}  // namespace
