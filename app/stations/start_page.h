#pragma once

#include <QWidget>

#include "app/session/recent_plans.h"
#include "app/session/sheet_shelf.h"
#include "core/model/usual_vehicle.h"

class QLineEdit;
class QVBoxLayout;

namespace app {

class FlowLayout;
class Theme;

// What stands in the window while no plan is open: the yard, where a new job begins by what came in; a vehicle sheet
// found by name; what was open lately; the demo.
class StartPage : public QWidget {
    Q_OBJECT
public:
    StartPage(const Theme& theme, const core::UsualVehicles& vehicles, QWidget* parent = nullptr);
    void showRecent(const std::vector<RecentPlan>& plans);
    void setSheetFolder(const QString& folder);

signals:
    void newAsked(core::BodyKind kind);
    void demoAsked();
    void openAsked();
    void sheetAsked();  // one that lies elsewhere
    void sheetChosen(const QString& path);
    void recentAsked(const QString& path);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void readSheets();
    void showSheets();

    const Theme& m_theme;
    QString m_folder{};
    std::vector<SheetEntry> m_known{};  // as they were when the page came into sight
    QLineEdit* m_search;
    QVBoxLayout* m_sheets;
    const core::UsualVehicles& m_vehicles;
    FlowLayout* m_recent;
};

}  // namespace app
