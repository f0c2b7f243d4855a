#pragma once

#include <QMainWindow>

#include "app/plan_session.h"
#include "app/shop_settings.h"
#include "core/io/shelf_file.h"

class QAction;
class QMenu;
class QSettings;
class QSplitter;
class QStackedWidget;

namespace app {

class FindingsColumn;
class JobCardView;
class MatchView;
class NoticeBar;
class Rail;
class SlateBar;
class StartPage;
class StationButton;
class Strip;
class Theme;
class TraceDrawer;
class WalkView;

// The window: rail, strip, station, findings, traces. It hands each view the snapshot and each edit to the session.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow(PlanSession& session, Theme& theme, QSettings& settings, QWidget* parent = nullptr);

    enum Station { Start, Walk, Match, JobCard };

    bool openPlan(const QString& path);
    void openDemo();
    void startNew(core::BodyKind kind);
    bool savePlan(const QString& path);
    bool startFromSheet(const QString& path);
    bool saveSheet(const QString& path);
    void showStation(Station station);

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;

private:
    void build();
    void buildRail();
    void buildMenus();
    void listWays();
    void connectWalk();
    void present();
    void presentSpread(const Snapshot& snapshot);
    void presentOwed(const Snapshot& snapshot);
    [[nodiscard]] core::DeviceId chosenDevice() const;
    void afterOpening();
    void sayAndOffer(QStringList said);
    void askOpen();
    void askSaveAs();
    void askSheet();
    void askSaveSheet();
    void askSettings();
    void openShelf();
    void loadShelf();
    void saveShelf(const core::Shelf& shelf);
    [[nodiscard]] QString shelfPath() const;
    void takeShop(const ShopSettings& shop);
    void setBay(bool on);
    void zoomBy(double factor);  // 0: back to the normal size
    [[nodiscard]] QString foldKey() const;
    void save();
    void showTitle();
    void showKeys();
    void focusNextArea();
    void arrangeForWidth();
    [[nodiscard]] bool mayLosePlan();
    void rememberRecent(const QString& path);

    PlanSession& m_session;
    Theme& m_theme;
    QSettings& m_settings;
    Rail* m_rail;
    Strip* m_strip;
    QStackedWidget* m_stations;
    StartPage* m_start;
    WalkView* m_walk;
    MatchView* m_match;
    JobCardView* m_jobCard;
    FindingsColumn* m_findings;
    TraceDrawer* m_traces;
    SlateBar* m_slate;
    NoticeBar* m_notice;
    QSplitter* m_split;
    Station m_station = Start;
    ShopSettings m_shopSettings{};
    core::ShelfRest m_shelfRest{};  // of the shop's own shelf
    QString m_shelfSaid{};          // what was wrong with it, until a plan has been opened
    bool m_shelfUnread = false;     // it is there and could not be read: nothing is written over it
    QAction* m_inches = nullptr;
    QMenu* m_ways = nullptr;
    StationButton* m_walkButton = nullptr;
    StationButton* m_matchButton = nullptr;
    StationButton* m_jobButton = nullptr;
    QString m_keysText{};           // the help of a screen, as it was last shown
    bool m_findingsWanted = false;  // on a narrow window they open over the work when asked for
};

}  // namespace app
