#pragma once

#include <QComboBox>
#include <QWheelEvent>

namespace app {

// A list to pick from. The wheel turns it only after it was picked; else it scrolls what the list stands in.
class QuietCombo : public QComboBox {
public:
    explicit QuietCombo(QWidget* parent = nullptr) : QComboBox(parent) { setFocusPolicy(Qt::StrongFocus); }

protected:
    void wheelEvent(QWheelEvent* event) override
    {
        if (hasFocus())
            QComboBox::wheelEvent(event);
        else
            event->ignore();
    }
};

}  // namespace app
