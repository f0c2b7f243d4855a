#include "app/shell/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QGridLayout>
#include <QMessageBox>
#include <QScrollArea>
#include <QSettings>
#include <QSplitter>
#include <QStackedWidget>
#include <algorithm>

#include "app/shell/findings_column.h"
#include "app/shell/notice_bar.h"
#include "app/shell/rail.h"
#include "app/shell/slate_bar.h"
#include "app/shell/strip.h"
#include "app/shell/trace_drawer.h"
#include "app/stations/job_card_view.h"
#include "app/stations/match_view.h"
#include "app/stations/start_page.h"
#include "app/theme/theme.h"
#include "core/shipped/shipped.h"
#include "words/figures.h"

namespace app {

MainWindow::MainWindow(PlanSession& session, Theme& theme, QSettings& settings, QWidget* parent)
    : QMainWindow(parent),
      m_session(session),
      m_theme(theme),
      m_settings(settings),
      m_rail(new Rail(theme)),
      m_strip(new Strip(theme)),
      m_stations(new QStackedWidget),
      m_start(new StartPage(theme)),
      m_match(new MatchView(theme, session.shop())),
      m_jobCard(new JobCardView(theme)),
      m_findings(new FindingsColumn(theme)),
      m_traces(new TraceDrawer(theme)),
      m_slate(new SlateBar(theme, session.shop().practice)),
      m_notice(new NoticeBar),
      m_split(new QSplitter(Qt::Vertical))
{
    build();
    buildRail();
    buildMenus();
    connect(&m_session, &PlanSession::changed, this, &MainWindow::present);
    connect(&m_session, &PlanSession::widened, this, &MainWindow::presentSpread);
    connect(&m_session, &PlanSession::opened, this, &MainWindow::afterOpening);
    connect(&m_session, &PlanSession::saved, this, &MainWindow::showTitle);
    connect(&m_session, &PlanSession::refused, this, [this](const QString& why) { m_notice->say(why); });
    connect(&m_session.undoStack(), &QUndoStack::cleanChanged, this, &MainWindow::showTitle);
    connect(&m_theme, &Theme::changed, this, [this] {
        if (m_session.isOpen()) present();
    });
    connect(m_strip, &Strip::listenerChosen, this, &MainWindow::present);
    connect(m_strip, &Strip::findingsAsked, this, [this] {
        m_findingsWanted = !m_findingsWanted;
        arrangeForWidth();
        m_findings->setFocus();
    });
    connect(m_match, &MatchView::edited, &m_session, &PlanSession::apply);
    connect(m_match, &MatchView::placeChosen, this, &MainWindow::present);
    connect(&m_session, &PlanSession::readingAsked, this, [this](core::DeviceId device, core::StageId stage) {
        showStation(Match);
        m_match->askForReading(device, stage);
    });
    connect(m_jobCard, &JobCardView::said, this, [this](const QString& text) { m_notice->say(text); });
    connect(m_findings, &FindingsColumn::mendTaken, this, [this](const core::Mend& mend) { m_session.take(mend); });
    connect(m_traces, &TraceDrawer::wholeWindowAsked, m_stations, [this](bool whole) { m_stations->setHidden(whole); });
    connect(m_start, &StartPage::demoAsked, this, &MainWindow::openDemo);
    connect(m_start, &StartPage::openAsked, this, &MainWindow::askOpen);
    connect(m_start, &StartPage::sheetAsked, this, &MainWindow::askSheet);
    connect(m_start, &StartPage::recentAsked, this, &MainWindow::openPlan);
    m_start->showRecent(m_settings.value(QStringLiteral("recent")).toStringList());
    resize(1280, 800);
    restoreGeometry(m_settings.value(QStringLiteral("geometry")).toByteArray());
    m_split->restoreState(m_settings.value(QStringLiteral("split")).toByteArray());
    showStation(Start);
    showTitle();
}

void MainWindow::build()
{
    auto* central = new QWidget(this);
    central->setObjectName(QStringLiteral("centre"));
    m_split->addWidget(m_stations);
    m_split->addWidget(m_traces);
    m_split->setStretchFactor(0, 5);
    m_split->setStretchFactor(1, 2);
    m_split->setChildrenCollapsible(false);
    m_split->setSizes({500, 190});
    m_stations->addWidget(m_start);
    // Large type or a low window: the station scrolls, nothing is cut off.
    auto* scroll = new QScrollArea;
    scroll->setWidget(m_match);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_stations->addWidget(scroll);
    m_stations->addWidget(m_jobCard);
    auto* grid = new QGridLayout(central);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(0);
    grid->addWidget(m_strip, 0, 0, 1, 3);
    grid->addWidget(m_rail, 1, 0, 3, 1);
    grid->addWidget(m_notice, 1, 1, 1, 2);
    grid->addWidget(m_split, 2, 1);
    grid->addWidget(m_findings, 2, 2, 2, 1);
    grid->addWidget(m_slate, 3, 1);
    grid->setColumnStretch(1, 1);
    grid->setRowStretch(2, 1);
    m_findings->setFixedWidth(290);
    m_findings->setObjectName(QStringLiteral("findingsColumn"));
    setCentralWidget(central);
}

void MainWindow::buildRail()
{
    m_rail->addNotYet(tr("Walk-round"));
    m_rail->addNotYet(tr("Meter"));
    m_matchButton = m_rail->addStation(Match, QStringLiteral("stationMatch"), tr("Match"), QStringLiteral("Ctrl+3"));
    for (const QString& title : {tr("Split"), tr("Aim"), tr("Lows"), tr("Feed"), tr("Ladder")})
        m_rail->addNotYet(title);
    m_jobButton =
        m_rail->addStation(JobCard, QStringLiteral("stationJobCard"), tr("Job card"), QStringLiteral("Ctrl+9"));
    m_rail->addNotYet(tr("Proof"));
    m_rail->addSlate();
    connect(m_rail, &Rail::chosen, this, [this](int station) { showStation(static_cast<Station>(station)); });
    connect(m_rail, &Rail::slateAsked, m_slate, &SlateBar::open);
}

void MainWindow::showStation(Station station)
{
    const bool open = m_session.isOpen();
    const Station shown = open ? station : Start;
    m_stations->setCurrentIndex(shown);
    m_rail->select(shown);
    for (QWidget* widget : {static_cast<QWidget*>(m_strip), static_cast<QWidget*>(m_traces)}) widget->setVisible(open);
    for (QWidget* widget : {static_cast<QWidget*>(m_matchButton), static_cast<QWidget*>(m_jobButton)})
        widget->setEnabled(open);
    arrangeForWidth();
}

void MainWindow::presentSpread(const Snapshot& snapshot)
{
    m_strip->present(snapshot);
    m_findings->present(snapshot);
    m_traces->present(snapshot, m_strip->listener(), m_match->chosenDevice());
}

void MainWindow::present()
{
    const Snapshot& snapshot = m_session.snapshot();
    m_strip->present(snapshot);
    m_match->present(snapshot, m_strip->listener());
    m_jobCard->present(snapshot);
    m_findings->present(snapshot);
    m_traces->present(snapshot, m_strip->listener(), m_match->chosenDevice());
    const auto stops = std::count_if(snapshot.findings.begin(), snapshot.findings.end(),
                                     [](const core::Finding& f) { return f.severity == core::Severity::Stop; });
    m_matchButton->setOwed(stops > 0
                               ? words::counted(stops, tr("%1 Stop"), tr("%1 Stops"))
                               : words::counted(std::ssize(snapshot.findings), tr("%1 finding"), tr("%1 findings")));
    m_jobButton->setOwed(snapshot.job.steps.empty()
                             ? tr("nothing planned")
                             : words::counted(std::ssize(snapshot.job.steps), tr("%1 step"), tr("%1 steps")));
    showTitle();
}

void MainWindow::afterOpening()
{
    m_match->startAfresh();
    present();
    showStation(Match);
    m_notice->hide();
    if (m_session.openElsewhere())
        m_notice->say(
            tr("This plan is open in another window. Whoever saves last wins; save under another name to keep both."));
    if (m_session.hasRecovery())
        m_notice->say(tr("Work that was never saved is left from last time."),
                      {{tr("Take it up"), QStringLiteral("recoveryRestore"), [this] { m_session.restoreRecovery(); }},
                       {tr("Drop it"), QStringLiteral("recoveryDrop"), [this] { m_session.dropRecovery(); }}});
}

bool MainWindow::openPlan(const QString& path)
{
    if (!mayLosePlan()) return false;
    if (const auto opened = m_session.openFile(path); !opened) {
        m_notice->say(tr("Not opened. %1").arg(QString::fromStdString(core::oneLine(opened.error()))));
        return false;
    }
    rememberRecent(path);
    return true;
}

void MainWindow::openDemo()
{
    if (!mayLosePlan()) return;
    if (const auto opened = m_session.openText(std::string(core::shippedDemoText()), tr("demo")); !opened)
        m_notice->say(QString::fromStdString(core::oneLine(opened.error())));
}

bool MainWindow::savePlan(const QString& path)
{
    if (const auto saved = m_session.saveAs(path); !saved) {
        m_notice->say(tr("Not saved. %1").arg(QString::fromStdString(core::oneLine(saved.error()))));
        return false;
    }
    rememberRecent(path);
    showTitle();
    return true;
}

bool MainWindow::startFromSheet(const QString& path)
{
    if (!mayLosePlan()) return false;
    if (const auto started = m_session.startFromSheet(path); !started) {
        m_notice->say(tr("Not started. %1").arg(QString::fromStdString(core::oneLine(started.error()))));
        return false;
    }
    m_notice->say(tr("All of it was found on another vehicle of this kind: confirm what you rely on."));
    return true;
}

bool MainWindow::saveSheet(const QString& path)
{
    if (const auto saved = m_session.saveSheet(path); !saved) {
        m_notice->say(tr("Not saved. %1").arg(QString::fromStdString(core::oneLine(saved.error()))));
        return false;
    }
    m_notice->say(tr("The vehicle as the factory made it is saved; customer, readings and plans stay with this job."));
    return true;
}

void MainWindow::askOpen()
{
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a plan"), {}, tr("Plans (*.reed)"));
    if (!path.isEmpty()) openPlan(path);
}

void MainWindow::askSaveAs()
{
    if (!m_session.isOpen()) return;
    QString path = QFileDialog::getSaveFileName(
        this, tr("Save the plan"), m_session.path().isEmpty() ? QStringLiteral("plan.reed") : m_session.path(),
        tr("Plans (*.reed)"));
    if (path.isEmpty()) return;
    if (QFileInfo(path).suffix().isEmpty()) path += QStringLiteral(".reed");
    savePlan(path);
}

void MainWindow::save()
{
    if (!m_session.isOpen()) return;
    if (m_session.path().isEmpty())
        askSaveAs();
    else
        savePlan(m_session.path());
}

void MainWindow::rememberRecent(const QString& path)
{
    constexpr int kMost = 6;
    QStringList recent = m_settings.value(QStringLiteral("recent")).toStringList();
    const QString absolute = QFileInfo(path).absoluteFilePath();
    recent.removeAll(absolute);
    recent.prepend(absolute);
    m_settings.setValue(QStringLiteral("recent"), recent.mid(0, kMost));
}

void MainWindow::showTitle()
{
    const QString name = !m_session.isOpen()          ? QString()
                         : m_session.path().isEmpty() ? tr("not saved yet")
                                                      : QFileInfo(m_session.path()).fileName();
    setWindowTitle(name.isEmpty() ? tr("Golden Reed") : tr("%1[*] – Golden Reed").arg(name));
    setWindowModified(m_session.isOpen() && !m_session.undoStack().isClean());
}

// Unsaved work is asked about once, before it could be lost.
bool MainWindow::mayLosePlan()
{
    if (!m_session.isOpen() || m_session.undoStack().isClean()) return true;
    const auto answer =
        QMessageBox::question(this, tr("Unsaved changes"), tr("The plan has changes that are not saved."),
                              QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
    if (answer == QMessageBox::Save) save();
    if (answer == QMessageBox::Discard) m_session.dropRecovery();
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && m_session.undoStack().isClean());
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    if (!mayLosePlan()) return event->ignore();
    m_settings.setValue(QStringLiteral("geometry"), saveGeometry());
    m_settings.setValue(QStringLiteral("split"), m_split->saveState());
    event->accept();
}

void MainWindow::focusNextArea()
{
    const std::vector<QWidget*> areas{m_rail, m_strip, m_stations->currentWidget(), m_traces, m_findings};
    const auto holds = [](const QWidget* area) { return area->isAncestorOf(QApplication::focusWidget()); };
    const auto current = std::find_if(areas.begin(), areas.end(), holds);
    const auto start = current == areas.end() ? 0 : static_cast<size_t>(current - areas.begin()) + 1;
    for (size_t step = 0; step < areas.size(); ++step) {
        QWidget* area = areas[(start + step) % areas.size()];
        if (!area->isVisible()) continue;
        for (QWidget* child : area->findChildren<QWidget*>()) {
            if (child->focusPolicy() == Qt::NoFocus || !child->isEnabled() || !child->isVisible()) continue;
            return child->setFocus(Qt::TabFocusReason);
        }
    }
}

void MainWindow::resizeEvent(QResizeEvent* event)
{
    QMainWindow::resizeEvent(event);
    arrangeForWidth();
}

void MainWindow::arrangeForWidth()
{
    constexpr int kThreeColumns = 1100;
    const bool wide = width() >= m_theme.px(kThreeColumns);
    m_findings->setVisible(m_session.isOpen() && (wide || m_findingsWanted));
    m_findings->setFixedWidth(m_theme.px(290));
}

}  // namespace app
