#pragma once

#include <QFrame>
#include <functional>
#include <vector>

class QHBoxLayout;
class QLabel;

namespace app {

// One message above the work, never in its way: what happened, where, what can be done. Nothing pops up.
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

private:
    QLabel* m_text;
    QHBoxLayout* m_choices;
};

}  // namespace app
