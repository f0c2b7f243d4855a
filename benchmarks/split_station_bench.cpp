// A value stepped where it stands at Split, to the painted curves; and the search for crossovers. Figures in
// docs/performance.md.
#include <benchmark/benchmark.h>

#include <QApplication>
#include <QSettings>
#include <QTemporaryDir>

#include "app/session/plan_session.h"
#include "app/session/widening.h"
#include "app/shell/main_window.h"
#include "app/stations/split/bench_drawing.h"
#include "app/stations/split/value_picker.h"
#include "app/theme/theme.h"
#include "app/widgets/place_plan.h"
#include "core/design/split_search.h"
#include "core/io/shop.h"
#include "core/shipped/shipped.h"

namespace {

constexpr core::DeviceId kSailTweeter{37};
constexpr core::PlaceId kSail{34};

class SplitWindow {
public:
    SplitWindow()
        : m_theme(*qApp),
          m_settings(m_folder.filePath(QStringLiteral("settings.ini")), QSettings::IniFormat),
          m_session(core::shippedShop(), m_folder.filePath(QStringLiteral("recovery"))),
          m_window(m_session, m_theme, m_settings)
    {
        m_session.widening().setRest(3'600'000);
        m_session.openText(std::string(core::shippedDemoText()), "demo.reed");
        m_window.resize(1280, 800);
        m_window.show();
        m_window.showStation(QStringLiteral("Split"));
        emit m_window.findChild<app::PlacePlan*>()->picked(kSail);
        emit m_window.findChild<app::BenchDrawing*>()->chosen({{kSailTweeter, "C"}, false});
        QApplication::processEvents();
    }
    // One notch of the wheel, to the painted window.
    void step(double value_f)
    {
        emit m_window.findChild<app::ValuePicker*>()->tried(value_f, false);
        QApplication::processEvents();
    }
    [[nodiscard]] const app::Snapshot& snapshot() { return m_session.snapshot(); }

private:
    QTemporaryDir m_folder;
    app::Theme m_theme;
    QSettings m_settings;
    app::PlanSession m_session;
    app::MainWindow m_window;
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

}  // namespace
