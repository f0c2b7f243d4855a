#pragma once

#include <QFrame>
#include <functional>
#include <vector>

class QHBoxLayout;
class QLabel;
class QShortcut;

namespace app {

// One message over the foot of the work: what happened, where, what can be done. Nothing pops up, nothing moves; Esc
// closes one that asks for nothing.
class NoticeBar : public QFrame {
    Q_OBJECT
public:
    explicit NoticeBar(QWidget* parent = nullptr);

    struct Choice {
        QString text{};
        QString objectName{};
        std::function<void()> act{};
    };
    void say(const QString& text, const std::vector<Choice>& choices = {});
    [[nodiscard]] QString text() const;
    // Lies over this part of its parent from now on.
    void lieOver(QWidget* area);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void place();

    QLabel* m_text;
    QHBoxLayout* m_choices;
    QWidget* m_area = nullptr;
    QShortcut* m_close;
};

}  // namespace app
