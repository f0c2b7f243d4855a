#include "app/stations/split/pair_plot.h"

#include <qcustomplot.h>

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/stations/split/split_window.h"
#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/plot_style.h"
#include "core/base/threshold.h"
#include "core/limits/sound_limits.h"
#include "core/limits/split_limits.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr int kBandLow = 0, kBandHigh = 1, kLow = 2, kHigh = 3, kTurned = 4, kWired = 5;  // graphs
constexpr double kFrom_hz = 200.0, kTo_hz = 20000.0, kDown_db = -30.0, kUp_db = 5.0, kName_db = -20.0;

constexpr double kMiddleFrom_hz = 250.0, kMiddleTo_hz = 12000.0;  // what stands at 0 dB, as the search looks at it

double meanOf(const Eigen::ArrayXd& level_db, const Eigen::ArrayXd& hz)
{
    double sum = 0.0;
    int count = 0;
    for (Eigen::Index i = 0; i < hz.size(); ++i)
        if (hz(i) >= kMiddleFrom_hz && hz(i) <= kMiddleTo_hz) {
            sum += level_db(i);
            ++count;
        }
    return sum / std::max(1, count);
}

}  // namespace

PairPlot::PairPlot(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(this)),
      m_figure(new PlainLabel(this)),
      m_none(new PlainLabel(this)),
      m_wired(new PlainLabel(this)),
      m_turned(new PlainLabel(this)),
      m_seats(new PlainLabel(this)),
      m_plot(new QCustomPlot(this)),
      m_window(new SplitWindow(
          theme, [this](double hz) { return m_plot->xAxis->coordToPixel(hz); }, this)),
      m_at(new QCPItemStraightLine(m_plot)),
      m_bandName(new QCPItemText(m_plot))
{
    m_plot->setObjectName(QStringLiteral("pairPlot"));
    m_figure->setObjectName(QStringLiteral("splitAt"));
    m_wired->setObjectName(QStringLiteral("splitWired"));
    m_turned->setObjectName(QStringLiteral("splitTurned"));
    m_seats->setObjectName(QStringLiteral("splitSeatsSaid"));
    m_seats->setProperty("role", "quiet");
    m_wired->setProperty("role", "wired");
    m_turned->setProperty("role", "turned");
    for (QLabel* label : {m_none, m_wired, m_turned, m_seats, m_title}) label->setWordWrap(true);
    m_plot->setMinimumHeight(theme.px(110));
    m_bandName->position->setType(QCPItemPosition::ptAxisRectRatio);
    m_bandName->position->setCoords(0.01, 0.98);
    m_bandName->setPositionAlignment(Qt::AlignLeft | Qt::AlignBottom);
    auto* head = new QHBoxLayout;
    head->addWidget(m_title, 1);
    head->addWidget(m_figure);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(2);
    layout->addLayout(head);
    layout->addWidget(m_none);
    layout->addWidget(m_wired);
    layout->addWidget(m_turned);
    layout->addWidget(m_seats);
    layout->addWidget(m_plot, 1);
    layout->addWidget(m_window);
    for (int graph = kBandLow; graph <= kWired; ++graph) m_plot->addGraph()->setAdaptiveSampling(false);
    for (QCPItemText*& name : m_names) name = new QCPItemText(m_plot);
    connect(m_plot, &QCustomPlot::afterReplot, m_window, qOverload<>(&QWidget::update));
    connect(&theme, &Theme::changed, this, &PairPlot::restyle);
    restyle();
}

void PairPlot::restyle()
{
    const Tokens& tokens = m_theme.tokens();
    stylePlot(*m_plot, m_theme);
    m_title->setFont(m_theme.title());
    m_figure->setFont(m_theme.figure());
    for (QLabel* label : {m_none, m_wired, m_turned, m_seats}) label->setFont(m_theme.small());
    QPen low(tokens.ink2, 1.6), high(tokens.ink2, 1.6), turned(tokens.rust, 1.6), at(tokens.goldText, 1.4);
    low.setDashPattern({7, 3});
    high.setDashPattern({1, 3});
    turned.setDashPattern({4, 3});
    at.setDashPattern({4, 3});
    for (const int edge : {kBandLow, kBandHigh}) m_plot->graph(edge)->setPen(QPen(tokens.goldText, 0.8));
    m_plot->graph(kBandLow)->setBrush(tokens.goldTint);
    m_plot->graph(kBandLow)->setChannelFillGraph(m_plot->graph(kBandHigh));
    m_plot->graph(kLow)->setPen(low);
    m_plot->graph(kHigh)->setPen(high);
    m_plot->graph(kTurned)->setPen(turned);
    m_plot->graph(kWired)->setPen(QPen(tokens.goldText, 2.6));
    m_at->setPen(at);
    for (QCPItemText* name : {m_names[0], m_names[1], m_bandName}) {
        name->setFont(m_theme.small());
        name->setColor(tokens.ink2);
    }
    m_bandName->setBrush(tokens.paper);  // what runs behind it is far down
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

void PairPlot::showBand(const std::optional<core::SplitBand>& band)
{
    for (const int edge : {kBandLow, kBandHigh}) m_plot->graph(edge)->setVisible(band.has_value());
    m_bandName->setVisible(band.has_value());
    if (band) {
        const QVector<double> x(m_hz.begin(), m_hz.end());
        const auto draw = [&](int graph, const Eigen::ArrayXd& level_db) {
            const Eigen::ArrayXd y = level_db - m_middle_db;
            m_plot->graph(graph)->setData(x, QVector<double>(y.begin(), y.end()), true);
        };
        draw(kBandLow, band->low_db);
        draw(kBandHigh, band->high_db);
        m_bandName->setText(tr("parts %1: even within %2")
                                .arg(QStringLiteral("\u00B1") + words::percent(band->spread_ratio), words::decibels(band->even_db)));
    }
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

void PairPlot::present(const Snapshot& snapshot, const core::StageResult& stage,
                       const std::optional<core::SplitPair>& pair, core::ListenerId listener)
{
    const auto sum = pair ? core::splitSum(stage, *pair, listener) : std::nullopt;
    const auto heard = snapshot.plan.listeners.contains(listener);
    m_title->setText(heard ? tr("the pair at the %1").arg(words::nameOf(core::Subject{listener}, stage.used))
                           : tr("the pair"));
    for (QWidget* one : std::initializer_list<QWidget*>{m_plot, m_figure, m_wired, m_turned, m_window})
        one->setVisible(sum.has_value());
    m_none->setVisible(!sum);
    m_seats->hide();
    if (sum) showSeats(stage, *pair);
    if (sum) return showSum(snapshot, stage, *pair, *sum);
    m_none->setText(!heard  ? tr("Nobody listens in this plan.")
                    : !pair ? tr("This speaker takes over from no other one here, and none from it.")
                            : tr("One of the two is silent."));
}

// Told where it differs: with one who listens, or where all agree with what is chosen here, the lines above say it.
void PairPlot::showSeats(const core::StageResult& stage, const core::SplitPair& pair)
{
    const core::SeatsOfSplit seats = core::seatsOf(stage, pair);
    if (seats.wired.empty() || seats.turned.empty()) return;
    const auto names = [&](const std::vector<core::ListenerId>& listeners) {
        return words::namesOf({listeners.begin(), listeners.end()}, stage.used);
    };
    m_seats->setText(tr("more even as wired: %1; turned over: %2").arg(names(seats.wired), names(seats.turned)));
    m_seats->show();
}

void PairPlot::showSum(const Snapshot& snapshot, const core::StageResult& stage, const core::SplitPair& pair,
                       const core::SplitSum& sum)
{
    const Eigen::ArrayXd& hz = snapshot.evaluation.frequency_hz;
    const double middle_db = meanOf(sum.wired.level_db, hz);
    m_hz = hz;
    m_middle_db = middle_db;
    showBand({});  // that was of something else
    const QVector<double> x(hz.begin(), hz.end());
    const auto draw = [&](int graph, const Eigen::ArrayXd& level_db) {
        const Eigen::ArrayXd y = level_db - middle_db;
        m_plot->graph(graph)->setData(x, QVector<double>(y.begin(), y.end()), true);
    };
    draw(kLow, sum.low_db);
    draw(kHigh, sum.high_db);
    draw(kTurned, sum.turned.level_db);
    draw(kWired, sum.wired.level_db);
    m_figure->setText(sum.at_hz ? words::frequency(*sum.at_hz) : tr("no hand-over"));
    const double hole_db = snapshot.practice()[core::PracticeKey::SplitHoleCare_db];
    const auto said = [&](const core::SplitTogether& one) {
        return core::over(one.hole_db, hole_db)
                   ? tr("a hole of %1 at %2").arg(words::decibels(one.hole_db), words::frequency(one.holeAt_hz))
                   : tr("even within %1").arg(words::decibels(one.even_db));
    };
    // Each line begins with how its curve is drawn.
    if (!sum.clear() && sum.at_hz)
        m_wired->setText(tr("\u2014 no clear split, side by side for %1; as wired %2")
                             .arg(words::octaves(sum.sideBySide_octave), said(sum.wired)));
    else if (sum.at_hz)
        m_wired->setText(tr("\u2014 as wired: %1, %2\u00B0 apart")
                             .arg(said(sum.wired), words::fixedNumber(std::abs(sum.phase_deg), 0)));
    else
        m_wired->setText(tr("\u2014 as wired: %1").arg(said(sum.wired)));
    m_turned->setText(tr("- - turned over: %1").arg(said(sum.turned)));
    const core::RunResult &low = stage.runs[pair.low], &high = stage.runs[pair.high];
    const bool isTweeter = core::isTweeter(high, snapshot.practice());
    m_names[0]->setText(isTweeter ? tr("woofer") : tr("the larger one"));
    m_names[1]->setText(isTweeter ? tr("tweeter") : tr("the smaller one"));
    const auto beaming = sum.at_hz ? core::beamingLimit(*sum.at_hz, low) : std::nullopt;
    const auto near = core::splitNearLimit(high, hz, snapshot.practice());
    SplitWindow::Room room{.beamsOver_hz = core::beamsOver_hz(low)};
    if (isTweeter) room.sparedFrom_hz = core::sparedFrom_hz(high, hz, snapshot.practice());
    if (isTweeter) room.begins_hz = core::highPassCorner_hz(high.transfer.abs(), hz);
    if (beaming) room.beaming = beaming->severity;
    if (near) room.near = near->severity;
    m_window->present(room);
    m_at->setVisible(sum.at_hz.has_value());
    if (sum.at_hz) {
        m_at->point1->setCoords(*sum.at_hz, 0.0);
        m_at->point2->setCoords(*sum.at_hz, 1.0);
    }
    // Each name beside the flank of its curve.
    for (const bool isHigh : {false, true}) {
        const Eigen::ArrayXd y = (isHigh ? sum.high_db : sum.low_db) - middle_db;
        QCPItemText& name = *m_names[isHigh ? 1 : 0];
        name.setVisible(false);
        for (Eigen::Index i = 1; i < hz.size(); ++i) {
            const bool crosses =
                isHigh ? y(i - 1) < kName_db && y(i) >= kName_db : y(i - 1) >= kName_db && y(i) < kName_db;
            if (!crosses || hz(i) < kFrom_hz || name.visible()) continue;
            name.setVisible(true);
            name.setPositionAlignment(Qt::AlignVCenter | (isHigh ? Qt::AlignRight : Qt::AlignLeft));
            name.position->setCoords(hz(i) * (isHigh ? 0.95 : 1.05), kName_db);
        }
    }
    showFrequencies(*m_plot, kFrom_hz, kTo_hz);
    m_plot->yAxis->setRange(kDown_db, std::max({kUp_db, sum.wired.level_db.maxCoeff() - middle_db,
                                                sum.turned.level_db.maxCoeff() - middle_db}) +
                                          1.0);
    m_plot->yAxis->setLabel(QStringLiteral("dB"));
    m_plot->setAccessibleName(
        tr("%1: %2. %3 %4").arg(m_title->text(), m_figure->text(), m_wired->text(), m_turned->text()));
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace app
