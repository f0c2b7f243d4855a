#pragma once

#include <QWidget>

#include "app/stations/walk/survey.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace app {

// The panels on the way to a place, in the order they come off; for the one that is picked its fasteners and what must
// be left alone. A fastener is typed as a fitter says it: "2 hidden screws T20 behind the handle cup".
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
    void addFastener();
    [[nodiscard]] const core::Panel* panel() const;
    void write(const core::Panel& panel);

    Survey m_survey{};
    core::PanelId m_panel{};
    QVBoxLayout* m_panels;
    QComboBox* m_known;
    QLineEdit* m_name;
    QWidget* m_one;
    QVBoxLayout* m_fasteners;
    QLineEdit* m_fastener;
    QLabel* m_answer;
    QLineEdit* m_leave;
    QLineEdit* m_labels;
    QPushButton* m_remove;
};

// "2 hidden screws T20 behind the handle cup" as where and what; nothing where no kind of fastener is named. The size
// is the word after the kind, if it holds a figure.
[[nodiscard]] std::optional<std::pair<std::string, core::Fastener>> fastenerFromText(const QString& text);

}  // namespace app
