// The window's menus: every action by name and key, for whoever prefers them to the screen.
#include <QAction>
#include <QActionGroup>
#include <QApplication>
#include <QMenuBar>
#include <QMessageBox>
#include <QSettings>
#include <algorithm>

#include "app/shell/main_window.h"
#include "app/shell/notice_bar.h"
#include "app/shell/slate_bar.h"
#include "app/shell/trace_drawer.h"
#include "app/theme/theme.h"
#include "core/edits/branch_edits.h"
#include "core/shipped/shipped.h"

namespace app {

void MainWindow::buildMenus()
{
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& keys, const QString& name, auto act) {
        QAction* action = menu->addAction(text);
        action->setShortcut(keys);
        action->setObjectName(name);
        connect(action, &QAction::triggered, this, act);
        return action;
    };
    QMenu* plan = menuBar()->addMenu(tr("&Plan"));
    add(plan, tr("&Open…"), QKeySequence::Open, QStringLiteral("actionOpen"), &MainWindow::askOpen);
    add(plan, tr("&New job…"), QKeySequence::New, QStringLiteral("actionNew"), &MainWindow::showStart);
    add(plan, tr("New job from a vehicle s&heet…"), {}, QStringLiteral("actionFromSheet"), &MainWindow::askSheet);
    add(plan, tr("Open the &demo"), {}, QStringLiteral("actionDemo"), &MainWindow::openDemo);
    add(plan, tr("Open the demo with &trouble in it"), {}, QStringLiteral("actionTrouble"), [this] {
        if (mayLosePlan()) static_cast<void>(m_session.openText(std::string(core::shippedTroubleText()), tr("demo")));
    });
    plan->addSeparator();
    add(plan, tr("&Save"), QKeySequence::Save, QStringLiteral("actionSave"), &MainWindow::save);
    add(plan, tr("Save &as…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), QStringLiteral("actionSaveAs"),
        &MainWindow::askSaveAs);
    add(plan, tr("Save the &vehicle as a sheet…"), {}, QStringLiteral("actionSaveSheet"), &MainWindow::askSaveSheet);
    plan->addSeparator();
    add(plan, tr("&Branch: another way beside this one"), {}, QStringLiteral("actionBranch"), [this] {
        if (!m_session.isOpen()) return;
        const auto ways = core::planWays(m_session.snapshot().plan).size();
        m_session.apply(core::branchWay(m_session.snapshot().plan, tr("way %1").arg(ways + 1).toStdString()));
    });
    m_ways = plan->addMenu(tr("&Ways"));
    m_ways->setObjectName(QStringLiteral("menuWays"));
    connect(m_ways, &QMenu::aboutToShow, this, &MainWindow::listWays);
    plan->addSeparator();
    add(plan, tr("Ta&ke in a file…"), QKeySequence(Qt::CTRL | Qt::Key_I), QStringLiteral("actionIntake"),
        [this] { askIntake(); });
    add(plan, tr("The shel&f…"), {}, QStringLiteral("actionShelf"), &MainWindow::openShelf);
    add(plan, tr("Shop settin&gs…"), QKeySequence(Qt::CTRL | Qt::Key_Comma), QStringLiteral("actionSettings"),
        &MainWindow::askSettings);
    add(plan, tr("Ho&use rules…"), {}, QStringLiteral("actionHouseRules"), &MainWindow::askHouseRules);
    add(plan, tr("&Quit"), QKeySequence::Quit, QStringLiteral("actionQuit"), &QWidget::close);

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = m_session.undoStack().createUndoAction(this, tr("&Undo"));
    undo->setShortcut(Qt::CTRL | Qt::Key_Z);
    undo->setObjectName(QStringLiteral("actionUndo"));
    QAction* redo = m_session.undoStack().createRedoAction(this, tr("&Redo"));
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    redo->setObjectName(QStringLiteral("actionRedo"));
    edit->addActions({undo, redo});

    QMenu* go = menuBar()->addMenu(tr("&Go"));
    for (const StationStand& stand : m_stations)
        add(go, stand.station->sign().menuText, stand.station->shortcut(),
            QStringLiteral("action") + stand.station->sign().name, [this, station = stand.station] { open(station); });
    // '/' too: where a text has the focus, the text takes it first.
    add(go, tr("&Slate"), {}, QStringLiteral("actionSlate"), [this] {
        m_slate->open();
    })->setShortcuts({QKeySequence(Qt::Key_F4), QKeySequence(Qt::Key_Slash)});
    add(go, tr("&Next area"), QKeySequence(Qt::Key_F6), QStringLiteral("actionNextArea"), &MainWindow::focusNextArea);

    QMenu* view = menuBar()->addMenu(tr("&View"));
    auto* grounds = new QActionGroup(this);
    for (const auto& [ground, text, name] :
         {std::tuple{Ground::FromDesktop, tr("Ground as the &desktop"), "actionGroundDesktop"},
          std::tuple{Ground::Light, tr("&Light ground"), "actionGroundLight"},
          std::tuple{Ground::Dark, tr("Dar&k ground"), "actionGroundDark"}}) {
        QAction* action = add(view, text, {}, QLatin1String(name), [this, ground = ground] {
            m_theme.setGround(ground);
            m_settings.setValue(QStringLiteral("ground"), static_cast<int>(ground));
        });
        action->setCheckable(true);
        action->setChecked(m_theme.ground() == ground);
        grounds->addAction(action);
    }
    view->addSeparator();
    add(view, tr("Lar&ger"), QKeySequence::ZoomIn, QStringLiteral("actionLarger"), [this] {
        zoomBy(1.1);
    })->setShortcuts({QKeySequence(QKeySequence::ZoomIn), QKeySequence(Qt::CTRL | Qt::Key_Equal)});
    add(view, tr("&Smaller"), QKeySequence::ZoomOut, QStringLiteral("actionSmaller"), [this] { zoomBy(1.0 / 1.1); });
    add(view, tr("&Normal size"), QKeySequence(Qt::CTRL | Qt::Key_0), QStringLiteral("actionNormal"),
        [this] { zoomBy(0.0); });
    add(view, tr("&Curves, or the line that is left of them"), QKeySequence(Qt::Key_F7), QStringLiteral("actionCurves"),
        [this] { m_traces->askFold(); });
    QAction* bay = add(view, tr("&Bay mode: one question at a time, large"), QKeySequence(Qt::Key_F8),
                       QStringLiteral("actionBay"), [] {});
    bay->setCheckable(true);
    connect(bay, &QAction::toggled, this, &MainWindow::setBay);
    view->addSeparator();
    m_inches = add(view, tr("&Inches first"), {}, QStringLiteral("actionInches"), [] {});
    m_inches->setCheckable(true);
    m_inches->setChecked(m_theme.units() == words::UnitSystem::Imperial);
    connect(m_inches, &QAction::toggled, this, [this](bool on) {
        m_theme.setUnits(on ? words::UnitSystem::Imperial : words::UnitSystem::Metric);
        m_settings.setValue(QStringLiteral("inches"), on);
    });

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("&Keys of this screen"), QKeySequence::HelpContents, QStringLiteral("actionKeys"),
        &MainWindow::showKeys);
    add(help, tr("&About"), {}, QStringLiteral("actionAbout"), [this] {
        QMessageBox::about(
            this, tr("Golden Reed"),
            tr("Golden Reed %1: plans the electrical and acoustic design of a speaker upgrade.\n\nGPL-3.0-or-later. "
               "Fonts: Lato and Cabin, Open Font License.\n"
               "It computes and checks; the maker's instructions, local codes and licensed practice come first.")
                .arg(QApplication::applicationVersion()));
    });
}

// Every way that is planned, the goal marked; and one that is not wanted any more goes.
void MainWindow::listWays()
{
    m_ways->clear();
    if (!m_session.isOpen()) return;
    const core::Plan& plan = m_session.snapshot().plan;
    for (const core::StageId way : core::planWays(plan)) {
        QAction* action = m_ways->addAction(QString::fromStdString(plan.stages.at(way).name));
        action->setObjectName(QStringLiteral("way_s%1").arg(way.number));
        action->setCheckable(true);
        action->setChecked(way == plan.job.goal);
        connect(action, &QAction::triggered, this,
                [this, way] { m_session.apply(core::takeWay(m_session.snapshot().plan, way)); });
    }
    if (m_ways->isEmpty()) {
        m_ways->addAction(tr("nothing is planned yet"))->setEnabled(false);
        return;
    }
    m_ways->addSeparator();
    QAction* drop = m_ways->addAction(tr("Give up the one that is marked"));
    drop->setObjectName(QStringLiteral("dropWay"));
    const bool planned = plan.stages.at(plan.job.goal).kind == core::StageKind::Planned;
    const bool carries = std::any_of(plan.stages.begin(), plan.stages.end(),
                                     [&](const auto& entry) { return entry.second.on == plan.job.goal; });
    drop->setEnabled(planned && !carries);
    connect(drop, &QAction::triggered, this, [this] {
        const core::Plan& now = m_session.snapshot().plan;
        m_session.apply(core::dropWay(now, now.job.goal));
    });
}

// The keys of the screen that is open, not of all.
void MainWindow::showKeys()
{
    QStringList stations;
    for (const StationStand& stand : m_stations)
        stations << tr("%1 %2").arg(stand.station->shortcut().toString(QKeySequence::NativeText),
                                    stand.station->sign().title);
    const QString everywhere =
        tr("Ctrl+N new job · %1 · F4 or / Slate · F6 next area · F7 curves · F8 bay mode · Ctrl+Z undo · "
           "Ctrl+Shift+Z redo · Ctrl+S save · Ctrl + and − size.")
            .arg(stations.join(QStringLiteral(" · ")));
    const QString here = m_open ? m_open->sign().keys : tr("Arrows walk the yard, Enter takes a vehicle.");
    m_keysText = tr("%1 %2").arg(here, everywhere);
    m_notice->say(m_keysText);
}

}  // namespace app
