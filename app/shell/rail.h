#pragma once

#include <QAbstractButton>
#include <QWidget>
#include <vector>

class QButtonGroup;
class QPushButton;
class QVBoxLayout;

namespace app {

class Theme;

// One station on the path: its name, what is owed there, and whether it is the one that is open.
class StationButton : public QAbstractButton {
    Q_OBJECT
public:
    StationButton(const QString& title, const Theme& theme, QWidget* parent);
    void setOwed(const QString& owed);
    void setNarrow(bool narrow);  // its mark only
    [[nodiscard]] const QString& owed() const { return m_owed; }
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_owed{};
    bool m_narrow = false;
    const Theme& m_theme;
};

// The stations as a path walked from top to bottom. A station that is not built yet is named, but is no button.
class Rail : public QWidget {
    Q_OBJECT
public:
    explicit Rail(const Theme& theme, QWidget* parent = nullptr);

    // shortcut as in "Ctrl+3"
    StationButton* addStation(const QString& objectName, const QString& title, const QString& shortcut);
    void addNotYet(const QString& title);
    QAbstractButton* addSlate();
    void setNarrow(bool narrow);

signals:
    void slateAsked();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    const Theme& m_theme;
    QVBoxLayout* m_path;
    QButtonGroup* m_group;
    QPushButton* m_slate = nullptr;
    bool m_narrow = false;
};

}  // namespace app
