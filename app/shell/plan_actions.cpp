// What the window does with whole plans: new, open, save, sheets, the shop's settings.
#include <QAction>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>
#include <algorithm>
#include <sstream>

#include "app/session/workbench.h"
#include "app/shell/house_dialog.h"
#include "app/shell/intake_dialog.h"
#include "app/shell/main_window.h"
#include "app/shell/notice_bar.h"
#include "app/shell/settings_dialog.h"
#include "app/stations/match/shelf_dialog.h"
#include "app/stations/start_page.h"
#include "app/theme/theme.h"
#include "app/widgets/save_path.h"
#include "core/edits/house_edits.h"
#include "core/edits/survey_edits.h"
#include "core/io/atomic_file.h"
#include "core/shipped/shipped.h"
#include "words/figures.h"

namespace app {

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
    open(m_stations.front().station);  // to be confirmed
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

void MainWindow::askIntake(const QString& path)
{
    const auto shown = [this] { return m_session.isOpen() ? m_session.shared() : SharedSnapshot(); };
    auto* dialog = new IntakeDialog(shown(), m_session.sharedShop(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &IntakeDialog::edited, &m_session, &PlanSession::apply);
    connect(dialog, &IntakeDialog::shelfChanged, this, &MainWindow::saveShelf);
    connect(&m_session, &PlanSession::changed, dialog,
            [this, dialog, shown] { dialog->present(shown(), m_session.sharedShop()); });
    dialog->setFile(path);
    dialog->open();
}

// A plan is opened, a sheet begins a job, anything else is asked about.
void MainWindow::dropEvent(QDropEvent* event)
{
    for (const QUrl& url : event->mimeData()->urls()) {
        const QString path = url.toLocalFile();
        if (path.isEmpty()) continue;
        event->acceptProposedAction();
        if (path.endsWith(QLatin1String(".reed"), Qt::CaseInsensitive))
            openPlan(path);
        else if (path.endsWith(QLatin1String(".reedcar"), Qt::CaseInsensitive))
            startFromSheet(path);
        else
            askIntake(path);
        return;
    }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    const QList<QUrl> urls = event->mimeData()->urls();
    if (std::any_of(urls.begin(), urls.end(), [](const QUrl& url) { return url.isLocalFile(); }))
        event->acceptProposedAction();
}

void MainWindow::askSaveAs()
{
    if (!m_session.isOpen()) return;
    const QString path = askSavePath(this, tr("Save the plan"),
                                     m_session.path().isEmpty() ? QStringLiteral("plan.reed") : m_session.path(),
                                     tr("Plans (*.reed)"), QStringLiteral(".reed"));
    if (!path.isEmpty()) savePlan(path);
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

// What each of them comes to is worked out beside the window; the page is there before it.
void MainWindow::lookAtRecent()
{
    const QStringList paths = m_settings.value(QStringLiteral("recent")).toStringList();
    Workbench& bench = m_session.bench();
    bench.ask(this, QStringLiteral("recent"), bench.revision(),
              [this, paths, shop = m_session.sharedShop()](const std::stop_token& stop) -> Workbench::Take {
                  std::vector<RecentPlan> found;
                  for (const QString& path : paths) {
                      if (stop.stop_requested()) break;
                      if (auto plan = lookAt(path, *shop)) found.push_back(std::move(*plan));
                  }
                  return [this, found = std::move(found)] { m_start->showRecent(found); };
              });
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

void MainWindow::askSheet()
{
    const QString path =
        QFileDialog::getOpenFileName(this, tr("New job from a vehicle sheet"), m_shopSettings.sheetFolder,
                                     tr("Vehicle sheets (*.reedcar);;Plans (*.reed)"));
    if (!path.isEmpty()) startFromSheet(path);
}

void MainWindow::askSaveSheet()
{
    if (!m_session.isOpen()) return;
    QDir().mkpath(m_shopSettings.sheetFolder);
    const core::Body& body = m_session.snapshot().plan.body;
    const QString name = body.name.empty() ? QStringLiteral("vehicle") : QString::fromStdString(body.name);
    const QString path = askSavePath(this, tr("Save the vehicle as a sheet"),
                                     QDir(m_shopSettings.sheetFolder).filePath(name + QStringLiteral(".reedcar")),
                                     tr("Vehicle sheets (*.reedcar)"), QStringLiteral(".reedcar"));
    if (!path.isEmpty()) saveSheet(path);
}

void MainWindow::startNew(core::BodyKind kind)
{
    if (!mayLosePlan()) return;
    m_session.startNew(core::newPlan(kind, m_session.shop().vehicles));
}

// Of the plan that is open, and of the shop where that is wished; of the shop where none is.
void MainWindow::askHouseRules()
{
    const core::Practice& shipped = m_session.shop().practice;
    const bool open = m_session.isOpen();
    const core::Practice practice =
        open ? m_session.snapshot().practice()
             : core::withChanges(shipped, core::apply({}, core::followSchools({}, m_shopSettings.schools, shipped)).plan.practice);
    auto* dialog = new HouseDialog(m_theme, practice, !open, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &HouseDialog::chosen, this,
            [this, open](const std::map<core::PracticeKey, size_t>& schools, bool forNewPlans) {
                if (forNewPlans) {
                    m_shopSettings.schools = schools;
                    m_shopSettings.write(m_settings);
                    m_session.setSchools(schools);
                }
                if (open && m_session.isOpen())
                    m_session.apply(
                        core::followSchools(m_session.snapshot().plan, schools, m_session.shop().practice));
            });
    dialog->open();
}

void MainWindow::askSettings()
{
    auto* dialog = new SettingsDialog(m_theme, m_shopSettings, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &SettingsDialog::chosen, this, [this](const ShopSettings& shop, bool inches) {
        shop.write(m_settings);
        takeShop(shop);
        m_inches->setChecked(inches);  // which does what the menu does
    });
    dialog->open();
}

// The shop's shelf lies beside its sheets as a file of its own, so that it can be mended with any table program.
QString MainWindow::shelfPath() const
{
    return QDir(QFileInfo(m_settings.fileName()).absolutePath()).filePath(QStringLiteral("shelf.csv"));
}

// What could not be read of it stays in the file, and is told: it is the shop's to mend.
void MainWindow::loadShelf()
{
    if (!QFile::exists(shelfPath())) return;
    const std::string path = shelfPath().toUtf8().toStdString();
    const auto text = core::readWholeFile(path);
    const auto file = text ? core::readShelf(*text, path, m_session.shop().practice)
                           : core::Result<core::ShelfFile>(tl::unexpected(text.error()));
    m_shelfUnread = !file;
    if (!file) {
        m_shelfSaid = tr("The shelf of this shop cannot be read: %1. The one that came with the program is used, and "
                         "nothing is written over this file.")
                          .arg(QString::fromStdString(core::oneLine(file.error())));
        return;
    }
    m_session.setShelf(file->shelf);
    m_shelfRest = file->rest;
    if (file->errors.empty()) return;
    m_shelfSaid = tr("%n line(s) of the shop's shelf cannot be read and stay in the file. The first: %1.", nullptr,
                     static_cast<int>(file->errors.size()))
                      .arg(QString::fromStdString(core::oneLine(file->errors.front())));
}

void MainWindow::saveShelf(const core::Shelf& shelf)
{
    m_session.setShelf(shelf);
    if (m_shelfUnread) {
        m_notice->say(tr("Not saved for next time: %1 could not be read. Mend it or move it away.").arg(shelfPath()));
        return;
    }
    std::ostringstream out;
    core::writeShelf(out, shelf, m_shelfRest);
    QDir().mkpath(QFileInfo(shelfPath()).absolutePath());
    if (const auto written = core::writeAtomically(shelfPath().toUtf8().toStdString(), out.str(), 1); !written)
        m_notice->say(QString::fromStdString(core::oneLine(written.error())));
}

void MainWindow::openShelf()
{
    auto* dialog = new ShelfDialog(m_session.sharedShop(), m_theme.units(), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &ShelfDialog::changed, this, &MainWindow::saveShelf);
    dialog->open();
}

void MainWindow::takeShop(const ShopSettings& shop)
{
    m_shopSettings = shop;
    m_start->setSheetFolder(shop.sheetFolder);
    for (const StationStand& stand : m_stations) stand.station->setShop(shop);
    m_session.setSaws(sawsOf(shop.saws));
    m_session.setBay(shop.bay);
    m_session.setSchools(shop.schools);
}

}  // namespace app
