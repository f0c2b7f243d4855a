#include "app/stations/match/compare_view.h"

#include <qcustomplot.h>

#include <QHeaderView>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "app/session/workbench.h"
#include "app/theme/theme.h"
#include "app/widgets/candidate_row.h"
#include "app/widgets/rank_list.h"
#include "app/widgets/waiting_line.h"
#include "core/job/job_plan.h"
#include "core/physics/smoothing.h"
#include "words/fit_words.h"
#include "words/quantity_words.h"
#include "words/survey_words.h"

namespace app {
namespace {

const QString kComparison = QStringLiteral("comparison");
constexpr int kMostCurves = 3;
constexpr double kComparedPerOctave = 3.0;
constexpr std::array<Qt::PenStyle, kMostCurves> kDashes{Qt::SolidLine, Qt::DashLine, Qt::DotLine};

QString countsOf(const std::vector<core::Finding>& findings)
{
    const auto count = [&](core::Severity severity) {
        return std::count_if(findings.begin(), findings.end(),
                             [&](const core::Finding& finding) { return finding.severity == severity; });
    };
    return CompareView::tr("%1 Stop, %2 Care, %3 Note")
        .arg(count(core::Severity::Stop))
        .arg(count(core::Severity::Care))
        .arg(count(core::Severity::Note));
}

}  // namespace

CompareView::CompareView(const Theme& theme, Workbench& bench, QWidget* parent)
    : QWidget(parent),
      m_theme(theme),
      m_bench(bench),
      m_model(new CandidateModel(theme, this)),
      m_rows(new RankList(this)),
      m_header(new CandidateHeader(theme, *m_rows, QStringLiteral("compareBy"), this)),
      m_table(new QTableWidget(this)),
      m_plot(new QCustomPlot(this))
{
    m_rows->setObjectName(QStringLiteral("compareRows"));
    m_rows->setAccessibleName(tr("The drivers held against each other, as they are ranked"));
    m_rows->setModel(m_model);
    m_rows->setItemDelegate(new CandidateRow(theme, *m_rows));
    m_rows->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(m_header, &CandidateHeader::chosen, this, &CompareView::showRows);
    m_table->setObjectName(QStringLiteral("compareTable"));
    m_table->setAccessibleName(tr("The drivers held against each other, one a column"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setWordWrap(true);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::Alignment(Qt::AlignCenter) | Qt::Alignment(Qt::TextWordWrap));
    m_table->horizontalHeader()->setMinimumHeight(theme.px(36));
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_table->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_plot->setObjectName(QStringLiteral("comparePlot"));
    // What stands beside the list asks for no more than the list: where it is shown, there is room.
    m_plot->setMinimumHeight(theme.px(40));
    m_table->setMinimumHeight(theme.px(60));
    for (QWidget* one : std::initializer_list<QWidget*>{m_table, m_plot})
        one->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    for (int i = 0; i < kMostCurves; ++i) m_plot->addGraph();
    m_plot->xAxis->setScaleType(QCPAxis::stLogarithmic);
    m_plot->xAxis->setTicker(QSharedPointer<QCPAxisTickerLog>::create());
    m_plot->xAxis->setRange(20, 20000);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* waiting = new WaitingLine(bench, this, kComparison, this);
    connect(waiting, &WaitingLine::askedAgain, this, &CompareView::askedAgain);
    layout->addWidget(waiting);
    layout->addWidget(m_header);
    layout->addWidget(m_rows);
    layout->addWidget(m_table, 3);
    layout->addWidget(m_plot, 2);
}

void CompareView::present(const SharedSnapshot& snapshot, core::DeviceId device, core::ListenerId listener,
                          std::vector<core::Candidate> held)
{
    m_bench.ask(this, kComparison, snapshot->revision,
                [this, snapshot, device, listener, held = std::move(held)](const std::stop_token& stop) {
                    std::vector<core::Trial> trials;
                    for (const core::Candidate& candidate : held) {
                        if (stop.stop_requested()) break;
                        trials.push_back(core::tryDriver(snapshot->plan, snapshot->practice(), candidate.part, device,
                                                         snapshot->evaluation));
                    }
                    return [this, device, listener, held, trials = std::move(trials)] {
                        m_held = held;
                        m_trials = trials;
                        show(device, listener);
                    };
                });
}

void CompareView::setCurrency(const QString& currency)
{
    m_model->setCurrency(currency);
    m_header->setCurrency(currency);
}

// As high as its lines and the heading over what does not go in.
void CompareView::showRows()
{
    m_model->setCandidates(m_held);
    m_model->setFilter({.order = m_header->order()});
    int height = 2 * m_rows->frameWidth();
    for (int row = 0; row < m_model->rowCount(); ++row)
        height += m_rows->sizeHintForIndex(m_model->index(row)).height();
    m_rows->setFixedHeight(height);
}

void CompareView::show(core::DeviceId device, core::ListenerId listener)
{
    showRows();
    fillTable(device, listener);
    drawCurves(listener);
}

void CompareView::fillTable(core::DeviceId device, core::ListenerId listener)
{
    const QStringList rows{tr("kind"),     tr("the rules say"), tr("reach 60–250 Hz"), tr("250 Hz–4 kHz"),
                           tr("4–20 kHz"), tr("rated"),         tr("left in front"),   tr("parts to buy"),
                           tr("work"),     tr("to the vehicle")};
    m_table->clear();
    m_table->setRowCount(static_cast<int>(rows.size()));
    m_table->setColumnCount(static_cast<int>(m_held.size()));
    m_table->setVerticalHeaderLabels(rows);
    for (size_t i = 0; i < m_held.size(); ++i) {
        const core::Candidate& one = m_held[i];
        const core::StageResult& goal = *m_trials[i].evaluation.stages.at(m_trials[i].plan.job.goal);
        const core::RunResult* run = core::findRunOfDevice(goal, device);
        const auto heard = goal.hearing.find(listener);
        const auto reach = [&](core::Band band) {
            return heard == goal.hearing.end()
                       ? tr("–")
                       : words::decibels(heard->second.bands[static_cast<size_t>(band)].reach_db);
        };
        const auto margin = [&](const std::optional<core::Computed>& left) {
            return left ? words::marginText(left->value, m_theme.units()) : tr("not known");
        };
        QStringList damage;
        for (const core::Damage& what : one.damage) damage << words::textOf(what);
        const core::JobPlan job =
            core::planJob(m_trials[i].plan, core::kFound, m_trials[i].plan.job.goal, m_trials[i].evaluation);
        int parts = 0;
        for (const core::PartRow& part : job.parts) parts += part.count;
        const QStringList cells{
            one.part.driverClass.empty() ? tr("not known") : words::nameOfClass(one.part.driverClass),
            countsOf(m_trials[i].findings),
            reach(core::Band::MidBass),
            reach(core::Band::Mid),
            reach(core::Band::Treble),
            run ? words::watts(run->driver.power_w) : tr("–"),
            margin(one.fit.frontMargin_m),
            QString::number(parts),
            words::minutes(job.minutes),
            damage.isEmpty() ? tr("nothing is cut") : damage.join(QStringLiteral("; "))};
        m_table->setHorizontalHeaderItem(static_cast<int>(i),
                                         new QTableWidgetItem(QString::fromStdString(one.part.name)));
        for (int row = 0; row < cells.size(); ++row)
            m_table->setItem(row, static_cast<int>(i), new QTableWidgetItem(cells[row]));
    }
}

void CompareView::drawCurves(core::ListenerId listener)
{
    const Tokens& tokens = m_theme.tokens();
    const std::array colours{tokens.goldText, tokens.slate, tokens.river};
    m_plot->setBackground(tokens.paper);
    for (QCPAxis* axis : {m_plot->xAxis, m_plot->yAxis}) {
        axis->setBasePen(QPen(tokens.rule));
        axis->setTickLabelColor(tokens.ink2);
        axis->setTickLabelFont(m_theme.small());
        axis->grid()->setPen(QPen(tokens.rule));
    }
    m_plot->clearItems();
    double least = 1e9, most = -1e9;
    for (int i = 0; i < kMostCurves; ++i) {
        QCPGraph* graph = m_plot->graph(i);
        graph->setData(QVector<double>{}, QVector<double>{});
        const auto index = static_cast<size_t>(i);
        if (index >= m_trials.size()) continue;
        const core::Trial& trial = m_trials[index];
        const core::StageResult& goal = *trial.evaluation.stages.at(trial.plan.job.goal);
        const auto heard = goal.hearing.find(listener);
        if (heard == goal.hearing.end()) continue;
        const Eigen::ArrayXd& hz = trial.evaluation.frequency_hz;
        const Eigen::ArrayXd level = core::smoothed_db(hz, heard->second.curve_db, kComparedPerOctave, hz);
        graph->setData(QVector<double>(hz.begin(), hz.end()), QVector<double>(level.begin(), level.end()), true);
        graph->setPen(QPen(colours[index], 2.0, kDashes[index]));
        least = std::min(least, level.maxCoeff() - 45.0);
        most = std::max(most, level.maxCoeff() + 3.0);
        auto* label = new QCPItemText(m_plot);
        label->setText(QString::fromStdString(m_held[index].part.name));
        label->setFont(m_theme.small());
        label->setColor(colours[index]);
        label->setPositionAlignment(Qt::AlignRight | Qt::AlignBottom);
        label->position->setType(QCPItemPosition::ptAxisRectRatio);
        label->position->setCoords(0.98, 0.62 + 0.17 * i);
    }
    if (most > least) m_plot->yAxis->setRange(least, most);
    m_plot->replot();
}

}  // namespace app
