#pragma once

#include <QFrame>
#include <QPointer>
#include <functional>

#include "core/practice/practice.h"

class QLabel;
class QLineEdit;
class QScrollArea;

namespace app {

class Theme;

// Slate: one line that understands quantities and answers as they are typed, with the formula and the steps. Esc puts
// it away, unless it stands: at the foot of the start page, with sums to try beside it.
class SlateBar : public QFrame {
    Q_OBJECT
public:
    // The open plan's, so that a line says what a finding says; without a plan the shop's.
    using PracticeNow = std::function<const core::Practice&()>;
    SlateBar(const Theme& theme, PracticeNow practice, QWidget* parent = nullptr);
    void open();
    void setStanding(bool standing);
    [[nodiscard]] bool isStanding() const { return m_standing; }

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void answer(const QString& text);
    void showSteps(const QString& text);
    void close();
    void arrange();

    PracticeNow m_practice;  // defaults and limits that named calculations take
    const Theme& m_theme;
    QWidget* m_heading;
    QLineEdit* m_line;
    QWidget* m_samples;
    bool m_standing = false;
    QLabel* m_headline;
    QLabel* m_steps;
    QScrollArea* m_scroll;
    QPointer<QWidget> m_cameFrom{};  // where the keys go back to
};

}  // namespace app
