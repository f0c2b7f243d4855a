#pragma once

#include <QColor>
#include <QImage>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QString>
#include <memory>
#include <vector>

class QWidget;

namespace tests {

// A text as it was drawn, in its colour, on what lay under it.
struct DrawnText {
    QString text{};
    QColor ink{}, ground{};
    QPointF at{};
};

// A shape as it was drawn, its line and its fill each on what lay under it; no colour where there was none.
struct DrawnShape {
    QColor line{}, fill{}, ground{};
    QRect at{};
};

// Draws a widget as the screen would and notes every text on the way with the ground it is drawn on.
[[nodiscard]] std::vector<DrawnText> drawnTexts(QWidget& widget);

// And every shape on the way.
[[nodiscard]] std::vector<DrawnShape> drawnShapes(QWidget& widget);

}  // namespace tests
