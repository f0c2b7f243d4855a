#include "app/stations/split/load_plot.h"

#include <qcustomplot.h>

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/plot_style.h"
#include "app/widgets/severity_mark.h"
#include "core/limits/sound_limits.h"
#include "words/figures.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr int kLoad = 0, kZone = 1, kFloor = 2, kDot = 3;  // graphs
constexpr double kLowest_ohm = 0.7;

// The shapes of the findings; a ring where there is none.
QCPScatterStyle::ScatterShape markOf(const std::optional<core::Verdict>& verdict)
{
    if (!verdict) return QCPScatterStyle::ssCircle;
    switch (verdict->severity) {
        case core::Severity::Stop:
            return QCPScatterStyle::ssSquare;
        case core::Severity::Care:
            return QCPScatterStyle::ssTriangle;
        case core::Severity::Note:
            return QCPScatterStyle::ssDisc;
    }
    return QCPScatterStyle::ssCircle;
}

}  // namespace

LoadPlot::LoadPlot(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(this)),
      m_figure(new PlainLabel(this)),
      m_least(new PlainLabel(this)),
      m_foot(new PlainLabel(this)),
      m_plot(new QCustomPlot(this))
{
    m_plot->setObjectName(QStringLiteral("loadPlot"));
    m_figure->setObjectName(QStringLiteral("leastLoad"));
    m_plot->setMinimumHeight(theme.px(110));
    m_least->setProperty("role", "quiet");
    m_foot->setProperty("role", "quiet");
    m_foot->setWordWrap(true);
    auto* head = new QHBoxLayout;
    head->addWidget(m_figure);
    head->addWidget(m_least, 1, Qt::AlignBottom);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(2);
    layout->addWidget(m_title);
    layout->addLayout(head);
    layout->addWidget(m_plot, 1);
    layout->addWidget(m_foot);
    for (int graph = kLoad; graph <= kDot; ++graph) m_plot->addGraph()->setAdaptiveSampling(false);
    m_plot->graph(kZone)->setChannelFillGraph(m_plot->graph(kFloor));
    m_plot->yAxis->setScaleType(QCPAxis::stLogarithmic);
    const QSharedPointer<QCPAxisTickerText> ticks(new QCPAxisTickerText);
    for (const double ohm : {1.0, 2.0, 4.0, 8.0, 16.0, 32.0, 64.0}) ticks->addTick(ohm, QString::number(ohm));
    m_plot->yAxis->setTicker(ticks);
    connect(&theme, &Theme::changed, this, &LoadPlot::restyle);
    restyle();
}

void LoadPlot::restyle()
{
    const Tokens& tokens = m_theme.tokens();
    stylePlot(*m_plot, m_theme);
    m_title->setFont(m_theme.title());
    m_figure->setFont(m_theme.figure());
    m_plot->graph(kLoad)->setPen(QPen(tokens.goldText, 2.2));
    QPen edge(tokens.rust, 1.4);
    edge.setDashPattern({4, 3});
    m_plot->graph(kZone)->setPen(edge);
    m_plot->graph(kFloor)->setPen(Qt::NoPen);
    m_plot->graph(kZone)->setBrush(QBrush(tokens.rust, Qt::BDiagPattern));  // a closed zone is hatched
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

void LoadPlot::present(const Snapshot& snapshot, const core::StageResult& stage, const core::Port& channel)
{
    const core::CircuitResult* circuit = core::findCircuit(stage, channel);
    setVisible(circuit != nullptr);
    if (!circuit) return;
    const Tokens& tokens = m_theme.tokens();
    m_title->setText(tr("what the channel sees"));
    m_figure->setText(words::signedAsKnown(words::ohms(circuit->least_ohm), circuit->worst));
    m_least->setText(tr("least, at %1").arg(words::frequency(circuit->least_hz)));
    const Eigen::ArrayXd& hz = snapshot.evaluation.frequency_hz;
    const Eigen::ArrayXd load_ohm = circuit->load_ohm.abs();
    const QVector<double> x(hz.begin(), hz.end());
    m_plot->graph(kLoad)->setData(x, QVector<double>(load_ohm.begin(), load_ohm.end()), true);
    const core::Known& minimum = circuit->output.at(core::Quantity::LeastLoad_ohm);
    const double zone_ohm = minimum.value * snapshot.practice()[core::PracticeKey::LoadCare_ratio];
    const QVector<double> ends{hz(0), hz(hz.size() - 1)};
    m_plot->graph(kZone)->setData(ends, {zone_ohm, zone_ohm}, true);
    m_plot->graph(kFloor)->setData(ends, {kLowest_ohm, kLowest_ohm}, true);
    const auto verdict = core::loadLimit({circuit->least_ohm, circuit->worst, {}}, minimum,
                                         core::isAsFound(snapshot.before(), *circuit), snapshot.practice());
    m_plot->graph(kDot)->setData({circuit->least_hz}, {circuit->least_ohm}, true);
    m_plot->graph(kDot)->setLineStyle(QCPGraph::lsNone);
    m_plot->graph(kDot)->setScatterStyle(
        QCPScatterStyle(markOf(verdict), QPen(verdict ? colourOf(verdict->severity, tokens) : tokens.ink, 1.5),
                        tokens.raised, m_theme.px(9)));
    m_foot->setText(tr("made for %1; not below %2").arg(words::ohms(minimum.value), words::ohms(zone_ohm)));
    showFrequencies(*m_plot, 20.0, 20000.0);
    m_plot->yAxis->setRange(kLowest_ohm, std::max(20.0, std::min(80.0, 1.2 * load_ohm.maxCoeff())));
    m_plot->setAccessibleName(tr("%1: %2, %3").arg(m_title->text(), m_figure->text(), m_least->text()));
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace app
