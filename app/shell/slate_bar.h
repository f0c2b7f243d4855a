#pragma once

#include <QFrame>
#include <QPointer>

class QLabel;
class QLineEdit;

namespace app {

class Theme;

// Slate: one line that understands quantities and answers as they are typed, with the formula and the steps. Esc puts
// it away.
class SlateBar : public QFrame {
    Q_OBJECT
public:
    explicit SlateBar(const Theme& theme, QWidget* parent = nullptr);
    void open();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void answer(const QString& text);
    void close();

    QLineEdit* m_line;
    QLabel* m_headline;
    QLabel* m_steps;
    QPointer<QWidget> m_cameFrom{};  // where the keys go back to
};

}  // namespace app
