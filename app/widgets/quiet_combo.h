#pragma once

#include <QComboBox>

namespace app {

// A list to pick from, as paper with a thin rule. The wheel turns it only after it was picked; else it scrolls what the
// list stands in.
class QuietCombo : public QComboBox {
    Q_OBJECT
public:
    explicit QuietCombo(QWidget* parent = nullptr);

protected:
    void wheelEvent(QWheelEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
};

}  // namespace app
