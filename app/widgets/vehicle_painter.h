#pragma once

#include <QPainter>
#include <QPixmap>

#include "app/widgets/drawn_things.h"
#include "app/widgets/vehicle_views.h"
#include "core/picture/body_shape.h"

namespace app {

class Theme;

// Paints one view of the vehicle, layer by layer.
class VehiclePainter {
public:
    VehiclePainter(QPainter& painter, const Theme& theme, const VehicleView& view, double half_m = 0.9)
        : m_painter(painter), m_theme(theme), m_view(view), m_half_m(half_m)
    {
    }

    void title();
    void body(const core::BodyShape& shape);
    void runs(const core::StageResult& stage, const std::vector<DrawnThing>& things, const DrawingFocus& focus);
    void things(const std::vector<DrawnThing>& things, const DrawingFocus& focus, const DrawnThing* current, bool held);

private:
    void line(const core::ShapeLine& line);
    void place(const DrawnThing& thing, bool chosen);
    void seat(const DrawnThing& thing, bool listening);
    void source(const DrawnThing& thing, bool chosen);
    void spot(const DrawnThing& thing, bool current);
    void fresh(const DrawnThing& thing);
    void beside(const DrawnThing& thing, const QString& text, bool strong);
    void labels();
    [[nodiscard]] double radiusOf() const;  // of a place, pixels
    // A mark that stands in many spots, painted once.
    template <class Paint>
    void stamp(QPixmap& mark, const QPointF& centre, double radius, Paint paint);

    struct Label {
        QPointF of{};  // the thing
        QString text{};
        bool strong = false, left = false;
        double top = 0.0, height = 0.0;
    };
    QPixmap m_placeMark{}, m_spotMark{};
    std::vector<Label> m_labels{};  // of the view, drawn last so that none lies on another

    QPainter& m_painter;
    const Theme& m_theme;
    const VehicleView& m_view;
    double m_half_m;  // of the width
};

}  // namespace app
