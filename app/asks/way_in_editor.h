#pragma once

#include <QWidget>

#include "app/asks/survey.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace app {

class FastenerList;

// The panels on the way to a place, in the order they come off; for the one that is picked its fasteners and what must
// be left alone or undone; and what holds the speaker there.
class WayInEditor : public QWidget {
    Q_OBJECT
public:
    explicit WayInEditor(QWidget* parent = nullptr);
    void present(const Survey& survey);
    [[nodiscard]] static QString lineOf(const Survey& survey);

signals:
    void edited(const core::Edit& edit);

private:
    void showPanels();
    void showPanel();
    void addPanel();
    [[nodiscard]] const core::Panel* panel() const;
    void write(const core::Panel& panel);

    Survey m_survey{};
    core::PanelId m_panel{};
    QVBoxLayout* m_panels;
    QComboBox* m_known;
    QLineEdit* m_name;
    QWidget* m_one;
    FastenerList* m_fasteners;
    QLineEdit* m_leave;
    QLineEdit* m_undo;
    QLineEdit* m_labels;
    QCheckBox* m_membrane;
    QPushButton* m_remove;
    QWidget* m_holds;
    FastenerList* m_held;
};

}  // namespace app
