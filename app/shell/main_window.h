#pragma once

#include <QMainWindow>
#include <vector>

#include "app/session/plan_session.h"
#include "app/session/shop_settings.h"
#include "app/stations/stations.h"
#include "core/io/shelf_file.h"

class QAction;
class QMenu;
class QSettings;
class QSplitter;
class QStackedWidget;
class QTimer;

namespace app {

class FindingsColumn;
class NoticeBar;
class Rail;
class SlateBar;
class StartPage;
class Station;
class StationButton;
class Strip;
class Theme;
class TraceDrawer;

// The window: rail, strip, station, findings, traces. It hands each view the snapshot and each edit to the session.
class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    MainWindow(PlanSession& session, Theme& theme, QSettings& settings, QWidget* parent = nullptr);
    ~MainWindow() override;

    bool openPlan(const QString& path);
    void openDemo();
    void startNew(core::BodyKind kind);
    bool savePlan(const QString& path);
    bool startFromSheet(const QString& path);
    bool saveSheet(const QString& path);
    void showStart();
    void showStation(const QString& name);  // as in its sign: "Match"; one that is not there is the start page

protected:
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    // A station and where it stands: its page in the window, its button on the rail.
    struct StationStand {
        Station* station = nullptr;
        QWidget* page = nullptr;
        StationButton* button = nullptr;
    };
    void build();
    void buildRail();
    void buildMenus();
    void listWays();
    void connectStation(Station* station);
    void open(Station* station);
    void addToMenu(QMenu* menu, Station* station);
    void presentFindings();
    void present();
    void presentSpread();
    [[nodiscard]] core::DeviceId chosenDevice() const;
    void afterOpening();
    void sayAndOffer(QStringList said);
    void askOpen();
    void askIntake(const QString& path = {});
    void askSaveAs();
    void askSheet();
    void askSaveSheet();
    void askSettings();
    void askHouseRules();
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
    void lookAtRecent();

    PlanSession& m_session;
    Theme& m_theme;
    QSettings& m_settings;
    Rail* m_rail;
    Strip* m_strip;
    QStackedWidget* m_pages;  // the start page, then the stations
    StartPage* m_start;
    std::vector<Stop> m_path;
    std::vector<StationStand> m_stations{};  // that are built
    Station* m_open = nullptr;               // nothing: the start page
    core::PlaceId m_place{};                 // picked last, on the way to the next station
    FindingsColumn* m_findings;
    QTimer* m_findingsRest;
    TraceDrawer* m_traces;
    SlateBar* m_slate;
    NoticeBar* m_notice;
    QSplitter* m_split;
    ShopSettings m_shopSettings{};
    core::ShelfRest m_shelfRest{};  // of the shop's own shelf
    QString m_shelfSaid{};          // what was wrong with it, until a plan has been opened
    bool m_shelfUnread = false;     // it is there and could not be read: nothing is written over it
    QAction* m_inches = nullptr;
    QMenu* m_ways = nullptr;
    QString m_keysText{};           // the help of a screen, as it was last shown
    bool m_findingsWanted = false;  // on a narrow window they open over the work when asked for
};

}  // namespace app
