#pragma once

#include <qnamespace.h>
#include <QPointF>
#include <cmath>
#include <optional>
#include <vector>

namespace app {

// Which way an arrow key points on the screen; nothing for another key.
[[nodiscard]] inline std::optional<QPointF> arrowOf(int key)
{
    switch (key) {
        case Qt::Key_Left:
            return QPointF(-1.0, 0.0);
        case Qt::Key_Right:
            return QPointF(1.0, 0.0);
        case Qt::Key_Up:
            return QPointF(0.0, -1.0);
        case Qt::Key_Down:
            return QPointF(0.0, 1.0);
        default:
            return std::nullopt;
    }
}

// Of these points the nearest one that lies that way from here, what lies aside counting twice; nothing: none does.
[[nodiscard]] inline std::optional<size_t> nearestThatWay(const QPointF& here, const QPointF& way,
                                                          const std::vector<QPointF>& points)
{
    std::optional<size_t> best;
    double least = 0.0;
    for (size_t i = 0; i < points.size(); ++i) {
        const QPointF apart = points[i] - here;
        const double along = QPointF::dotProduct(apart, way);
        if (along <= 1.0) continue;
        const double far = along + 2.0 * (std::abs(apart.x() * way.y()) + std::abs(apart.y() * way.x()));
        if (best && far >= least) continue;
        best = i;
        least = far;
    }
    return best;
}

}  // namespace app
