#pragma once

#include <QWidget>

#include "app/session/sheet_shelf.h"

class QLineEdit;
class QVBoxLayout;

namespace app {

class Theme;

// What stands in the window while no plan is open: a new job by kind of vehicle, one from a vehicle sheet, what was
// open lately, the demo.
class StartPage : public QWidget {
    Q_OBJECT
public:
    explicit StartPage(const Theme& theme, QWidget* parent = nullptr);
    void showRecent(const QStringList& paths);
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
    [[nodiscard]] QWidget* kindRow();

    const Theme& m_theme;
    QString m_folder{};
    std::vector<SheetEntry> m_known{};  // as they were when the page came into sight
    QLineEdit* m_search;
    QVBoxLayout* m_sheets;
    QVBoxLayout* m_recent;
};

}  // namespace app
