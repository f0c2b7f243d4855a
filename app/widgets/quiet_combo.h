#pragma once

#include <QComboBox>

namespace app {

// A list to pick from, as paper with a thin rule. The wheel turns it only after it was picked; else it scrolls what the
// list stands in. Letters choose in the open list alone; typed at a closed one they change nothing.
class QuietCombo : public QComboBox {
    Q_OBJECT
public:
    explicit QuietCombo(QWidget* parent = nullptr);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
};

}  // namespace app
