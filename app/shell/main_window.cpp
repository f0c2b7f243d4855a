#include "app/shell/main_window.h"

#include <QCloseEvent>
#include <QGridLayout>
#include <QScrollArea>
#include <QSettings>
#include <QSplitter>
#include <QStackedWidget>
#include <QTimer>
#include <algorithm>

#include "app/shell/findings_column.h"
#include "app/shell/notice_bar.h"
#include "app/shell/rail.h"
#include "app/shell/slate_bar.h"
#include "app/shell/strip.h"
#include "app/shell/trace_drawer.h"
#include "app/stations/start_page.h"
#include "app/theme/theme.h"
#include "app/widgets/waiting_line.h"
#include "words/figures.h"
#include "words/file_words.h"

namespace app {
namespace {

constexpr int kFindingsRest_ms = 120;  // ours, no source

// Large type or a low window: the page scrolls, nothing is cut off.
QWidget* scrolling(QWidget* page)
{
    auto* area = new QScrollArea;
    area->setWidget(page);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return area;
}

}  // namespace

MainWindow::MainWindow(PlanSession& session, Theme& theme, QSettings& settings, QWidget* parent)
    : QMainWindow(parent),
      m_session(session),
      m_theme(theme),
      m_settings(settings),
      m_rail(new Rail(theme)),
      m_strip(new Strip(theme)),
      m_pages(new QStackedWidget),
      m_start(new StartPage(theme, session.shop().vehicles)),
      m_path(makeStations(theme, session.bench())),
      m_findings(new FindingsColumn(theme)),
      m_findingsRest(new QTimer(this)),
      m_traces(new TraceDrawer(theme)),
      m_slate(new SlateBar(theme,
                           [&session]() -> const core::Practice& {
                               return session.isOpen() ? session.snapshot().evaluation.practice
                                                       : session.shop().practice;
                           })),
      m_notice(new NoticeBar),
      m_split(new QSplitter(Qt::Vertical))
{
    setAcceptDrops(true);
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
    for (const StationStand& stand : m_stations) connectStation(stand.station);
    connect(&m_session, &PlanSession::readingAsked, this, [this](core::DeviceId device, core::StageId stage) {
        for (const StationStand& stand : m_stations) {
            if (!stand.station->takesReadings()) continue;
            open(stand.station);
            return stand.station->askForReading(device, stage);
        }
    });
    connect(&m_session, &PlanSession::measureAsked, this, [this](core::DeviceId device, core::Quantity what) {
        for (const StationStand& stand : m_stations) {
            if (!stand.station->takesReadings()) continue;
            open(stand.station);
            return stand.station->askForMeasure(device, what);
        }
    });
    m_findingsRest->setSingleShot(true);
    m_findingsRest->setInterval(kFindingsRest_ms);
    connect(m_findingsRest, &QTimer::timeout, this, [this] { m_findings->present(m_session.snapshot(), m_open); });
    connect(m_findings, &FindingsColumn::mendTaken, this, [this](const core::Mend& mend) { m_session.take(mend); });
    connect(m_findings, &FindingsColumn::houseRulesAsked, this, &MainWindow::askHouseRules);
    connect(m_traces, &TraceDrawer::wholeWindowAsked, m_pages, [this](bool whole) { m_pages->setHidden(whole); });
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
    takeShop(ShopSettings::read(m_settings));
    loadShelf();
    resize(1280, 800);
    for (const StationStand& stand : m_stations) stand.station->recall(m_settings);
    restoreGeometry(m_settings.value(QStringLiteral("geometry")).toByteArray());
    m_split->restoreState(m_settings.value(QStringLiteral("split")).toByteArray());
    showStart();
    lookAtRecent();
    showTitle();
    sayAndOffer({m_shelfSaid});
}

// A field that loses the keys speaks while all that it speaks to is still there; what goes down after that speaks to
// nobody.
MainWindow::~MainWindow()
{
    hide();
    m_session.disconnect(this);
    for (QObject* child : findChildren<QObject*>()) {
        disconnect(child, nullptr, this, nullptr);
        disconnect(child, nullptr, &m_session, nullptr);
    }
}

void MainWindow::build()
{
    auto* central = new QWidget(this);
    central->setObjectName(QStringLiteral("centre"));
    m_split->addWidget(m_pages);
    m_split->addWidget(m_traces);
    m_split->setStretchFactor(0, 5);
    m_split->setStretchFactor(1, 2);
    m_split->setChildrenCollapsible(false);
    m_split->setSizes({500, 190});
    m_pages->addWidget(scrolling(m_start));
    for (const Stop& stop : m_path) {
        if (!stop.station) continue;
        QWidget* page = stop.station->sign().scrolls ? scrolling(stop.station) : stop.station;
        m_pages->addWidget(page);
        m_stations.push_back({stop.station, page, nullptr});
    }
    auto* grid = new QGridLayout(central);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(0);
    grid->addWidget(m_strip, 0, 0, 1, 3);
    grid->addWidget(m_rail, 1, 0, 3, 1);
    grid->addWidget(m_split, 2, 1);
    auto* mending = new WaitingLine(m_session.bench(), &m_session, PlanSession::mending(), central);
    connect(mending, &WaitingLine::askedAgain, &m_session, &PlanSession::askSolverAgain);
    grid->addWidget(mending, 1, 2);
    grid->addWidget(m_findings, 2, 2, 2, 1);
    grid->addWidget(m_slate, 3, 1);
    grid->setColumnStretch(1, 1);
    grid->setRowStretch(2, 1);
    m_findings->setObjectName(QStringLiteral("findingsColumn"));
    central->setMinimumSize(320, 240);  // or the widest arrangement would forbid the narrower ones
    setCentralWidget(central);
    m_notice->setParent(central);
    m_notice->lieOver(m_split);
}

void MainWindow::buildRail()
{
    auto stand = m_stations.begin();
    for (const Stop& stop : m_path) {
        if (!stop.station) {
            m_rail->addNotYet(stop.notYet);
            continue;
        }
        const Station::Sign& sign = stop.station->sign();
        stand->button = m_rail->addStation(QStringLiteral("station") + sign.name, sign.title,
                                           stop.station->shortcut().toString(QKeySequence::PortableText));
        connect(stand->button, &QAbstractButton::clicked, this, [this, station = stop.station] { open(station); });
        ++stand;
    }
    m_rail->addSlate();
    connect(m_rail, &Rail::slateAsked, m_slate, &SlateBar::open);
}

void MainWindow::showStart()
{
    open(nullptr);
}

void MainWindow::showStation(const QString& name)
{
    const auto found = std::find_if(m_stations.begin(), m_stations.end(),
                                    [&](const StationStand& stand) { return stand.station->sign().name == name; });
    open(found == m_stations.end() ? nullptr : found->station);
}

void MainWindow::open(Station* station)
{
    const bool planned = m_session.isOpen();
    // A place that was picked stays picked on the way to the next station.
    if (m_open && m_open->place()) m_place = m_open->place();
    m_open = planned ? station : nullptr;
    if (m_open && m_place) m_open->takePlace(m_place);
    QWidget* page = m_pages->widget(0);  // the start page
    for (const StationStand& stand : m_stations) {
        if (stand.station == m_open) page = stand.page;
        stand.button->setChecked(stand.station == m_open);
        stand.button->setEnabled(planned);
    }
    m_pages->setCurrentWidget(page);
    m_findings->setAside(m_open ? m_open->aside() : nullptr);
    m_strip->setVisible(planned);
    if (!m_open || m_slate->isStanding()) m_slate->setStanding(!m_open);
    arrangeForWidth();
    if (m_notice->isVisible() && m_notice->text() == m_keysText) showKeys();  // help is of the screen that is there
    if (planned) present();
}

core::DeviceId MainWindow::chosenDevice() const
{
    return m_open ? m_open->chosenDevice() : core::DeviceId{};
}

void MainWindow::presentSpread()
{
    m_strip->present(m_session.snapshot());
    m_findings->present(m_session.snapshot(), m_open);
    m_traces->present(m_session.shared(), m_strip->listener(), chosenDevice());
}

// Slips are widgets, and cost more than a frame of a drag has: while something is moved they follow once it rests.
void MainWindow::presentFindings()
{
    if (m_session.isDragging()) return m_findingsRest->start();
    m_findingsRest->stop();
    m_findings->present(m_session.snapshot(), m_open);
}

// Only the station that is open: what nobody sees is shown when it is opened.
void MainWindow::present()
{
    const SharedSnapshot shown = m_session.shared();
    m_strip->present(*shown);
    if (m_open) m_open->present(shown, m_strip->listener());
    presentFindings();
    m_traces->present(shown, m_strip->listener(), chosenDevice());
    for (const StationStand& stand : m_stations) stand.button->setOwed(stand.station->owed(*shown));
    showTitle();
}

void MainWindow::connectStation(Station* station)
{
    connect(station, &Station::edited, &m_session, &PlanSession::apply);
    connect(station, &Station::dragged, &m_session, &PlanSession::drag);
    connect(station, &Station::dragEnded, this, [this](bool keep) {
        m_session.endDrag(keep);
        presentFindings();
    });
    connect(station, &Station::placeChosen, this, &MainWindow::present);
    connect(station, &Station::chosen, this,
            [this] { m_traces->present(m_session.shared(), m_strip->listener(), chosenDevice()); });
    connect(station, &Station::seatChosen, m_strip, &Strip::chooseListener);
    connect(station, &Station::shelfAsked, this, &MainWindow::openShelf);
    connect(station, &Station::said, m_notice, [this](const QString& text) { m_notice->say(text); });
}

void MainWindow::afterOpening()
{
    m_strip->startAfresh();
    for (const StationStand& stand : m_stations) stand.station->startAfresh();
    m_findings->startAfresh();
    m_place = {};
    m_open = nullptr;
    const auto first = std::find_if(m_stations.begin(), m_stations.end(), [this](const StationStand& stand) {
        return stand.station->wantsToBeFirst(m_session.snapshot());
    });
    open(first == m_stations.end() ? m_stations.front().station : first->station);
    m_notice->hide();
    QStringList said{std::exchange(m_shelfSaid, {}), words::unknownText(m_session.unknown())};
    if (m_session.openElsewhere())
        said << tr(
            "This plan is open in another window. Whoever saves last wins; save under another name to keep both.");
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
    for (const StationStand& stand : m_stations) stand.station->keep(m_settings);
    m_settings.setValue(QStringLiteral("geometry"), saveGeometry());
    m_settings.setValue(QStringLiteral("split"), m_split->saveState());
    event->accept();
}

}  // namespace app
