#include "app/shell/main_window.h"

#include <QCloseEvent>
#include <QGridLayout>
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
#include "app/stations/match/match_view.h"
#include "app/stations/start_page.h"
#include "app/stations/walk/walk_view.h"
#include "app/theme/theme.h"
#include "words/figures.h"
#include "words/file_words.h"

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
      m_walk(new WalkView(theme, session.shop())),
      m_match(new MatchView(theme, session.shop())),
      m_jobCard(new JobCardView(theme, session.shop())),
      m_findings(new FindingsColumn(theme)),
      m_traces(new TraceDrawer(theme)),
      m_slate(new SlateBar(theme,
                           [&session]() -> const core::Practice& {
                               return session.isOpen() ? session.snapshot().evaluation.practice
                                                       : session.shop().practice;
                           })),
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
        arrangeForWidth();
        if (m_session.isOpen()) present();
    });
    connect(m_strip, &Strip::listenerChosen, this, &MainWindow::present);
    connect(m_strip, &Strip::findingsAsked, this, [this] {
        m_findingsWanted = !m_findingsWanted;
        arrangeForWidth();
        m_findings->setFocus();
    });
    connectWalk();
    connect(m_match, &MatchView::edited, &m_session, &PlanSession::apply);
    connect(m_match, &MatchView::placeChosen, this, &MainWindow::present);
    connect(&m_session, &PlanSession::readingAsked, this, [this](core::DeviceId device, core::StageId stage) {
        showStation(Match);
        m_match->askForReading(device, stage);
    });
    connect(&m_session, &PlanSession::measureAsked, this, [this](core::DeviceId device, core::Quantity what) {
        showStation(Match);
        m_match->askForMeasure(device, what);
    });
    connect(m_match, &MatchView::shelfAsked, this, &MainWindow::openShelf);
    connect(m_match, &MatchView::said, this, [this](const QString& text) { m_notice->say(text); });
    connect(m_jobCard, &JobCardView::said, this, [this](const QString& text) { m_notice->say(text); });
    connect(m_findings, &FindingsColumn::mendTaken, this, [this](const core::Mend& mend) { m_session.take(mend); });
    connect(m_traces, &TraceDrawer::wholeWindowAsked, m_stations, [this](bool whole) { m_stations->setHidden(whole); });
    connect(m_traces, &TraceDrawer::foldAsked, this, [this](bool folded) {
        m_settings.setValue(foldKey(), folded);
        arrangeForWidth();
    });
    connect(m_start, &StartPage::demoAsked, this, &MainWindow::openDemo);
    connect(m_start, &StartPage::openAsked, this, &MainWindow::askOpen);
    connect(m_start, &StartPage::sheetAsked, this, &MainWindow::askSheet);
    connect(m_start, &StartPage::sheetChosen, this, &MainWindow::startFromSheet);
    connect(m_start, &StartPage::newAsked, this, &MainWindow::startNew);
    connect(m_start, &StartPage::recentAsked, this, &MainWindow::openPlan);
    m_start->showRecent(m_settings.value(QStringLiteral("recent")).toStringList());
    takeShop(ShopSettings::read(m_settings));
    loadShelf();
    resize(1280, 800);
    restoreGeometry(m_settings.value(QStringLiteral("geometry")).toByteArray());
    m_split->restoreState(m_settings.value(QStringLiteral("split")).toByteArray());
    showStation(Start);
    showTitle();
    sayAndOffer({m_shelfSaid});
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
    auto* start = new QScrollArea;
    start->setWidget(m_start);
    start->setWidgetResizable(true);
    start->setFocusPolicy(Qt::NoFocus);
    start->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_stations->addWidget(start);
    m_stations->addWidget(m_walk);
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
    grid->addWidget(m_split, 2, 1);
    grid->addWidget(m_findings, 2, 2, 2, 1);
    grid->addWidget(m_slate, 3, 1);
    grid->setColumnStretch(1, 1);
    grid->setRowStretch(2, 1);
    m_findings->setFixedWidth(290);
    m_findings->setObjectName(QStringLiteral("findingsColumn"));
    central->setMinimumSize(320, 240);  // or the widest arrangement would forbid the narrower ones
    setCentralWidget(central);
    m_notice->setParent(central);
    m_notice->lieOver(m_split);
}

void MainWindow::buildRail()
{
    m_walkButton = m_rail->addStation(Walk, QStringLiteral("stationWalk"), tr("Walk-round"), QStringLiteral("Ctrl+1"));
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
    m_station = open ? station : Start;
    // A place that was picked stays picked on the way to the next station.
    if (m_station == Match && m_walk->place()) m_match->takePlace(m_walk->place());
    m_stations->setCurrentIndex(m_station);
    m_rail->select(m_station);
    m_strip->setVisible(open);
    for (QWidget* button : {m_walkButton, m_matchButton, m_jobButton}) button->setEnabled(open);
    arrangeForWidth();
    if (m_notice->isVisible() && m_notice->text() == m_keysText) showKeys();  // help is of the screen that is there
    if (open) present();
}

core::DeviceId MainWindow::chosenDevice() const
{
    return m_station == Walk ? m_walk->chosenDevice() : m_match->chosenDevice();
}

void MainWindow::presentSpread(const Snapshot& snapshot)
{
    m_strip->present(snapshot);
    m_findings->present(snapshot);
    m_traces->present(snapshot, m_strip->listener(), chosenDevice());
}

// Only the station that is open: what nobody sees is shown when it is opened.
void MainWindow::present()
{
    const Snapshot& snapshot = m_session.snapshot();
    m_strip->present(snapshot);
    switch (m_station) {
        case Start:
            break;
        case Walk:
            m_walk->present(snapshot, m_strip->listener());
            break;
        case Match:
            m_match->present(snapshot, m_strip->listener());
            break;
        case JobCard:
            m_jobCard->present(snapshot);
            break;
    }
    m_findings->present(snapshot);
    m_traces->present(snapshot, m_strip->listener(), chosenDevice());
    presentOwed(snapshot);
    showTitle();
}

void MainWindow::presentOwed(const Snapshot& snapshot)
{
    const auto stops = std::count_if(snapshot.findings.begin(), snapshot.findings.end(),
                                     [](const core::Finding& f) { return f.severity == core::Severity::Stop; });
    const auto& places = snapshot.plan.places;
    m_walkButton->setOwed(places.empty() ? tr("nothing noted yet")
                                         : words::counted(std::ssize(places), tr("%1 place"), tr("%1 places")));
    m_matchButton->setOwed(stops > 0
                               ? words::counted(stops, tr("%1 Stop"), tr("%1 Stops"))
                               : words::counted(std::ssize(snapshot.findings), tr("%1 finding"), tr("%1 findings")));
    m_jobButton->setOwed(snapshot.job.steps.empty()
                             ? tr("nothing planned")
                             : words::counted(std::ssize(snapshot.job.steps), tr("%1 step"), tr("%1 steps")));
}

void MainWindow::connectWalk()
{
    connect(m_walk, &WalkView::edited, &m_session, &PlanSession::apply);
    connect(m_walk, &WalkView::dragged, &m_session, &PlanSession::drag);
    connect(m_walk, &WalkView::dragEnded, &m_session, &PlanSession::endDrag);
    connect(m_walk, &WalkView::chosen, this,
            [this] { m_traces->present(m_session.snapshot(), m_strip->listener(), chosenDevice()); });
    connect(m_walk, &WalkView::seatChosen, m_strip, &Strip::chooseListener);
}

void MainWindow::afterOpening()
{
    m_strip->startAfresh();
    m_match->startAfresh();
    m_walk->startAfresh();
    m_findings->startAfresh();
    showStation(m_session.snapshot().after().runs.empty() ? Walk : Match);
    m_notice->hide();
    QStringList said{std::exchange(m_shelfSaid, {}), words::unknownText(m_session.unknown())};
    if (m_session.openElsewhere())
        said << tr("This plan is open in another window. Whoever saves last wins; save under another name to keep both.");
    sayAndOffer(said);
}

// What is to be known at the start, and the latest work that was lost; what is left of others comes after it.
void MainWindow::sayAndOffer(QStringList said)
{
    said.removeAll(QString());
    const std::vector<LostWork> lost = m_session.lostWork();
    if (lost.empty()) {
        if (!said.isEmpty()) m_notice->say(said.join(QLatin1Char('\n')));
        return;
    }
    const LostWork& work = lost.front();
    const QLocale locale;
    const auto when = [&](const QDateTime& time) { return locale.toString(time, QLocale::ShortFormat); };
    const QString vehicle = work.vehicle.isEmpty() ? tr("no name yet") : work.vehicle;
    QString text = work.opened.isValid()
                       ? tr("Work that was never saved (%1), kept %2 from the window that opened it %3.")
                             .arg(vehicle, when(work.kept), when(work.opened))
                       : tr("Work that was never saved (%1), kept %2.").arg(vehicle, when(work.kept));
    if (lost.size() > 1) text += QLatin1Char(' ') + tr("%1 more after it.").arg(lost.size() - 1);
    said << text;
    m_notice->say(said.join(QLatin1Char('\n')),
                  {{tr("Take it up"), QStringLiteral("recoveryRestore"), [this, work] { m_session.takeUp(work); }},
                         {tr("Drop it"), QStringLiteral("recoveryDrop"),
                          [this, work] {
                              Recovery::forget(work);
                              sayAndOffer({});
                          }},
                         {tr("Later"), QStringLiteral("recoveryLater"), {}}});
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    if (!mayLosePlan()) return event->ignore();
    m_settings.setValue(QStringLiteral("geometry"), saveGeometry());
    m_settings.setValue(QStringLiteral("split"), m_split->saveState());
    event->accept();
}

}  // namespace app
