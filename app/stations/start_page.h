#pragma once

#include <QWidget>

class QVBoxLayout;

namespace app {

class Theme;

// What stands in the window while no plan is open.
class StartPage : public QWidget {
    Q_OBJECT
public:
    explicit StartPage(const Theme& theme, QWidget* parent = nullptr);
    void showRecent(const QStringList& paths);

signals:
    void demoAsked();
    void openAsked();
    void sheetAsked();
    void recentAsked(const QString& path);

private:
    QVBoxLayout* m_recent;
};

}  // namespace app
