#pragma once

#include <QWidget>

#include "app/asks/survey.h"
#include "core/design/remedies.h"

class QLabel;
class QProgressBar;
class QPushButton;
class QVBoxLayout;

namespace app {

// What would help against the complaints: asked for by a button, worked out in the background with a Cancel, each with
// what it changes in the complaint's band, taken as an edit.
class RemediesView : public QWidget {
    Q_OBJECT
public:
    explicit RemediesView(QWidget* parent = nullptr);
    void present(const Survey& survey);

signals:
    void edited(const core::Edit& edit);

private:
    void ask();
    void stop();
    void show(const std::vector<core::Remedy>& found);

    Survey m_survey{};
    core::Plan m_askedOf{};
    QPushButton* m_ask;
    QPushButton* m_cancel;
    QProgressBar* m_busy;
    QLabel* m_said;
    QVBoxLayout* m_list;
};

}  // namespace app
