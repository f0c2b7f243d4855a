#pragma once

#include <QWidget>

class QPushButton;
class QProgressBar;
class QLabel;

namespace app {

class Workbench;

// Stands where an answer is to come and shows itself once that has taken 0.3 s, with a Cancel. What was there before
// stays; given up by Cancel, it says so and asks again when it is told to.
class WaitingLine : public QWidget {
    Q_OBJECT
public:
    // asker, subject: of the question (Workbench::ask)
    WaitingLine(Workbench& bench, const QObject* asker, const QString& subject, QWidget* parent = nullptr);

signals:
    void askedAgain();

private:
    enum class State { Quiet, Waiting, GivenUp };
    void show(State state);

    QLabel* m_said;
    QProgressBar* m_bar;
    QPushButton* m_cancel;
    QPushButton* m_again;
};

}  // namespace app
