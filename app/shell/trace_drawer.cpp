#include "app/shell/trace_drawer.h"

#include <qcustomplot.h>

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/theme/plain_label.h"
#include "app/theme/theme.h"
#include "app/widgets/curve_line.h"
#include "app/widgets/plot_style.h"
#include "core/design/customer_hearing.h"
#include "core/physics/smoothing.h"
#include "words/name_words.h"

namespace app {
namespace {

constexpr int kBefore = 0, kAfter = 1, kLowest = 2, kHighest = 3;  // graphs, the tint under the curves
constexpr int kLeftEar = 4, kRightEar = 5, kFirstSeat = 6, kMostSeats = 3;  // besides the one that is looked at
constexpr double kPerOctave = 3.0;  // as the ear sees it; notches of single reflections are for other screens

const core::CircuitResult* circuitOfDevice(const core::StageResult& stage, core::DeviceId device)
{
    if (const core::RunResult* run = core::findRunOfDevice(stage, device))
        return core::findCircuit(stage, run->run.id.channel);
    return stage.circuits.empty() ? nullptr : &stage.circuits.front();
}

}  // namespace

TraceDrawer::TraceDrawer(const Theme& theme, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_title(new PlainLabel(this)),
      m_about(new PlainLabel(this)),
      m_line(new CurveLine(theme, this)),
      m_plot(new QCustomPlot(this)),
      m_modes(new QButtonGroup(this)),
      m_whole(new QPushButton(tr("Pull &up"), this)),
      m_fold(new QPushButton(this)),
      m_beforeLabel(new QCPItemText(m_plot)),
      m_afterLabel(new QCPItemText(m_plot))
{
    m_plot->setObjectName(QStringLiteral("tracePlot"));
    m_plot->setMinimumHeight(120);
    m_title->setObjectName(QStringLiteral("traceTitle"));
    m_about->setProperty("role", "quiet");
    m_about->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_whole->setObjectName(QStringLiteral("traceWhole"));
    m_whole->setCheckable(true);
    auto* head = new QHBoxLayout;
    head->setSpacing(8);
    head->addWidget(m_title);
    head->addWidget(m_about, 1);
    m_line->setObjectName(QStringLiteral("foldedTrace"));
    head->addWidget(m_line, 3);
    const auto addMode = [&](Trace trace, const QString& text, const QString& name, const QString& help) {
        auto* button = new QPushButton(text, this);
        button->setCheckable(true);
        button->setObjectName(name);
        button->setToolTip(help);
        m_modes->addButton(button, static_cast<int>(trace));
        head->addWidget(button);
    };
    addMode(Trace::Level, tr("&Level"), QStringLiteral("traceLevel"),
            tr("Level at the ear with the source 10 dB under the voltage at which it clips"));
    addMode(Trace::Matched, tr("&Matched"), QStringLiteral("traceMatched"),
            tr("Before is shifted so that both have the same mean level in 250 Hz–4 kHz"));
    addMode(Trace::Impedance, tr("&Impedance"), QStringLiteral("traceImpedance"),
            tr("What the channel of the chosen place sees"));
    m_modes->button(static_cast<int>(Trace::Level))->setChecked(true);
    head->addWidget(m_whole);
    m_fold->setObjectName(QStringLiteral("traceFold"));
    m_fold->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
    head->addWidget(m_fold);
    connect(m_fold, &QPushButton::clicked, this, &TraceDrawer::askFold);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 6, 12, 4);
    layout->setSpacing(2);
    layout->addLayout(head);
    layout->addWidget(m_plot, 1);
    for (int graph = kBefore; graph < kFirstSeat + kMostSeats; ++graph) m_plot->addGraph();
    for (const int edge : {kLowest, kHighest}) m_plot->graph(edge)->setLayer(QStringLiteral("grid"));
    m_plot->graph(kHighest)->setChannelFillGraph(m_plot->graph(kLowest));
    showFrequencies(*m_plot, 20.0, 20000.0);
    for (QCPItemText*& label : m_earLabels) {
        label = new QCPItemText(m_plot);
        label->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
    }
    for (QCPItemText* label : {m_beforeLabel, m_afterLabel}) {
        label->setPositionAlignment(Qt::AlignLeft | Qt::AlignVCenter);
        label->setClipToAxisRect(false);
    }
    m_plot->axisRect()->setAutoMargins(QCP::msLeft | QCP::msTop | QCP::msBottom);
    connect(m_modes, &QButtonGroup::idClicked, this, &TraceDrawer::redraw);
    connect(m_whole, &QPushButton::toggled, this, &TraceDrawer::wholeWindowAsked);
    connect(&theme, &Theme::changed, this, [this] {
        restyle();
        redraw();
    });
    restyle();
}

void TraceDrawer::restyle()
{
    const Tokens& tokens = m_theme.tokens();
    m_title->setFont(m_theme.title());
    stylePlot(*m_plot, m_theme);
    m_plot->axisRect()->setMargins(QMargins(0, 0, m_theme.px(58), 0));
    QPen before(tokens.ink2, 1.6);
    before.setDashPattern({5, 3});
    QColor tint = tokens.gold;
    tint.setAlphaF(0.22F);
    for (const int edge : {kLowest, kHighest}) m_plot->graph(edge)->setPen(Qt::NoPen);
    m_plot->graph(kHighest)->setBrush(tint);
    m_plot->graph(kBefore)->setPen(before);
    m_plot->graph(kAfter)->setPen(QPen(tokens.goldText, 2.6));
    for (QCPItemText* label : {m_beforeLabel, m_afterLabel}) label->setFont(m_theme.small());
    m_beforeLabel->setColor(tokens.ink2);
    m_afterLabel->setColor(tokens.goldText);
    for (const int ear : {kLeftEar, kRightEar}) {
        QPen pen(tokens.slate, 1.6);
        pen.setDashPattern(ear == kLeftEar ? QVector<qreal>{7, 3, 1, 3} : QVector<qreal>{1, 3});
        m_plot->graph(ear)->setPen(pen);
    }
    for (int seat = 0; seat < kMostSeats; ++seat) m_plot->graph(kFirstSeat + seat)->setPen(QPen(tokens.ink2, 0.8));
    for (QCPItemText* label : m_earLabels) {
        label->setFont(m_theme.small());
        label->setColor(tokens.slate);
    }
    m_earLabels[0]->setText(tr("left ear hears from here"));
    m_earLabels[1]->setText(tr("right ear hears from here"));
    m_beforeLabel->setText(tr("before"));
    m_afterLabel->setText(tr("after"));
}

void TraceDrawer::setFolded(bool folded)
{
    m_folded = folded;
    m_plot->setVisible(!folded);
    m_about->setVisible(!folded);
    m_line->setVisible(folded);
    m_whole->setVisible(!folded);
    for (QAbstractButton* mode : m_modes->buttons()) mode->setVisible(!folded);
    m_fold->setText(folded ? tr("Sho&w the curves") : tr("&Fold"));
    setMaximumHeight(folded ? sizeHint().height() : QWIDGETSIZE_MAX);
    redraw();
}

void TraceDrawer::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    redraw();
}

void TraceDrawer::present(const SharedSnapshot& snapshot, core::ListenerId listener, core::DeviceId device)
{
    m_snapshot = snapshot;
    m_listener = listener;
    m_device = device;
    redraw();
}

TraceDrawer::Curve TraceDrawer::curveOf(const core::StageResult& stage, core::ListenerId listener) const
{
    const Eigen::ArrayXd& frequency_hz = m_snapshot->evaluation.frequency_hz;
    Curve curve;
    Eigen::ArrayXd y;
    if (m_modes->checkedId() == static_cast<int>(Trace::Impedance)) {
        const core::CircuitResult* circuit = circuitOfDevice(stage, m_device);
        if (!circuit) return curve;
        y = circuit->load_ohm.abs();
    } else {
        const auto heard = stage.hearing.find(listener);
        if (heard == stage.hearing.end()) return curve;
        y = core::smoothed_db(frequency_hz, heard->second.curve_db, kPerOctave, frequency_hz);
        const auto after = m_snapshot->after().hearing.find(listener);
        const bool matched = m_modes->checkedId() == static_cast<int>(Trace::Matched);
        if (matched && after != m_snapshot->after().hearing.end())
            y += after->second.curveMid_db - heard->second.curveMid_db;
    }
    curve.x = QVector<double>(frequency_hz.begin(), frequency_hz.end());
    curve.y = QVector<double>(y.begin(), y.end());
    return curve;
}

std::array<TraceDrawer::Curve, 2> TraceDrawer::thresholds() const
{
    std::array<Curve, 2> curves;
    if (m_modes->checkedId() != static_cast<int>(Trace::Level)) return curves;
    const Eigen::ArrayXd& frequency_hz = m_snapshot->evaluation.frequency_hz;
    const auto least = core::hearingThresholds_db(m_snapshot->plan, frequency_hz);
    for (size_t ear = 0; ear < curves.size(); ++ear)
        if (least[ear])
            curves[ear] = {{frequency_hz.begin(), frequency_hz.end()}, {least[ear]->begin(), least[ear]->end()}};
    return curves;
}

std::array<TraceDrawer::Curve, 2> TraceDrawer::couldBe() const
{
    std::array<Curve, 2> edges;
    const core::StageSpread* spread = core::spreadAt(m_snapshot->evaluation, m_snapshot->plan.job.goal);
    const auto heard = m_snapshot->after().hearing.find(m_listener);
    if (!spread || heard == m_snapshot->after().hearing.end() ||
        m_modes->checkedId() == static_cast<int>(Trace::Impedance))
        return edges;
    const Eigen::ArrayXd& frequency_hz = m_snapshot->evaluation.frequency_hz;
    const double shift_db = heard->second.curve_db(0) - heard->second.level_db(0);
    const core::CurveRange& range = spread->hearing.at(m_listener).level_db;
    for (size_t edge = 0; edge < edges.size(); ++edge) {
        const Eigen::ArrayXd y = shift_db + core::smoothed_db(frequency_hz, edge == 0 ? range.low_db : range.high_db,
                                                              kPerOctave, frequency_hz);
        edges[edge] = {QVector<double>(frequency_hz.begin(), frequency_hz.end()), QVector<double>(y.begin(), y.end())};
    }
    return edges;
}

// Where the curve is in sight, from the right: what an ear has lost it has mostly lost there.
void TraceDrawer::placeEarLabel(size_t ear, const Curve& curve)
{
    const double most_hz = ear == 0 ? 9000.0 : 5000.0;
    m_earLabels[ear]->setVisible(false);
    for (qsizetype i = curve.x.size(); i-- > 0;) {
        if (curve.x[i] > most_hz || !m_plot->yAxis->range().contains(curve.y[i])) continue;
        m_earLabels[ear]->setVisible(true);
        m_earLabels[ear]->position->setCoords(curve.x[i], curve.y[i]);
        return;
    }
}

void TraceDrawer::redraw()
{
    if (!m_snapshot) return;
    const bool impedance = m_modes->checkedId() == static_cast<int>(Trace::Impedance);
    const core::Fitout& used = m_snapshot->after().used;
    const bool known = impedance ? used.devices.contains(m_device) : used.listeners.contains(m_listener);
    if (!known)
        m_title->setText(impedance ? tr("No speaker at this place") : tr("Nobody listens in this plan"));
    else if (impedance)
        m_title->setText(tr("What the source sees, %1").arg(words::nameOf(core::Subject{m_device}, used)));
    else
        m_title->setText(tr("At the %1").arg(words::nameOf(core::Subject{m_listener}, used)));
    if (m_folded) {
        const Curve before = curveOf(m_snapshot->before(), m_listener), after = curveOf(m_snapshot->after(), m_listener);
        m_line->present(after.x.isEmpty() ? before.x : after.x, before.y, after.y);
        return;
    }
    const bool cabin = m_snapshot->after().cabin.gain.has_value();
    m_about->setText(impedance ? tr("magnitude of the load")
                     : m_snapshot->plan.listeners.size() > 1 ? tr("an estimate, in third octaves; other seats thin")
                     : cabin   ? tr("an estimate, in third octaves; room modes not modelled")
                               : tr("an estimate, in third octaves; open vehicle"));
    m_about->setToolTip(impedance ? QString()
                                  : tr("Distance, direction, covers, mirrors of a few surfaces and, in a closed cabin, "
                                       "its rise in the bass (±4 dB). Up to 400 Hz room modes can change it by 6 dB "
                                       "either way. The tint is what those and the values that nobody measured could "
                                       "do. Only a measurement at the seat knows."));
    const Curve before = curveOf(m_snapshot->before(), m_listener);
    const Curve after = curveOf(m_snapshot->after(), m_listener);
    const std::array<Curve, 2> could = couldBe();
    m_plot->graph(kLowest)->setData(could[0].x, could[0].y, true);
    m_plot->graph(kHighest)->setData(could[1].x, could[1].y, true);
    const std::array<Curve, 2> ears = thresholds();
    for (size_t ear = 0; ear < ears.size(); ++ear) {
        m_plot->graph(ear == 0 ? kLeftEar : kRightEar)->setData(ears[ear].x, ears[ear].y, true);
    }
    // What the others hear of the same plan, thin: better for one is often worse for another.
    std::vector<Curve> others;
    for (const auto& [id, one] : m_snapshot->plan.listeners)
        if (id != m_listener && !impedance && others.size() < kMostSeats) others.push_back(curveOf(m_snapshot->after(), id));
    for (size_t seat = 0; seat < kMostSeats; ++seat) {
        const Curve curve = seat < others.size() ? others[seat] : Curve{};
        m_plot->graph(kFirstSeat + static_cast<int>(seat))->setData(curve.x, curve.y, true);
    }
    m_plot->graph(kBefore)->setData(before.x, before.y, true);
    m_plot->graph(kAfter)->setData(after.x, after.y, true);
    double low = 1e9;
    double high = -1e9;
    for (const Curve* curve : {&before, &after}) {
        for (const double y : curve->y) {
            low = std::min(low, y);
            high = std::max(high, y);
        }
    }
    if (high < low) low = high = 0.0;
    if (impedance)
        m_plot->yAxis->setRange(0.0, std::min(60.0, high * 1.1));
    else
        m_plot->yAxis->setRange(std::max(low, high - 50.0) - 3.0, high + 5.0);
    for (size_t ear = 0; ear < ears.size(); ++ear) placeEarLabel(ear, ears[ear]);
    m_plot->yAxis->setLabel(impedance ? QStringLiteral("Ω") : QStringLiteral("dB"));
    const auto place = [&](QCPItemText* label, const Curve& curve, double nudge) {
        label->setVisible(!curve.y.isEmpty());
        if (curve.y.isEmpty()) return;
        label->position->setCoords(
            21000.0, std::clamp(curve.y.back(), m_plot->yAxis->range().lower, m_plot->yAxis->range().upper) + nudge);
    };
    // Labels that would lie on each other step apart.
    const double step = m_plot->yAxis->range().size() * 0.07;
    const bool meet =
        !before.y.isEmpty() && !after.y.isEmpty() && std::abs(before.y.back() - after.y.back()) < 2.0 * step;
    const double side = meet && before.y.back() > after.y.back() ? 1.0 : -1.0;
    place(m_beforeLabel, before, meet ? side * step : 0.0);
    place(m_afterLabel, after, meet ? -side * step : 0.0);
    const int lines = std::clamp(m_plot->height() / m_theme.px(34), 2, 8);
    m_plot->yAxis->ticker()->setTickCount(lines);
    m_plot->setAccessibleName(m_title->text());
    m_plot->replot(QCustomPlot::rpQueuedReplot);
}

}  // namespace app
