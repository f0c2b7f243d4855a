#pragma once

#include <QPainter>
#include <QPixmap>

#include "app/widgets/drawn_things.h"
#include "app/widgets/side_labels.h"
#include "app/widgets/vehicle_views.h"
#include "core/picture/body_shape.h"

namespace app {

class Theme;

// Of a place as it is drawn, pixels: speakers in their size, within what can be seen and what covers nothing else.
[[nodiscard]] double placeRadius(const Theme& theme, const VehicleView& view);
// Whether a spot lies so near to what is fitted that it is neither shown nor hit; keys and the list still reach it.
[[nodiscard]] bool isCrowded(const DrawnThing& thing, const std::vector<DrawnThing>& things, const VehicleView& view,
                             double radius);

// Paints one view of the vehicle, layer by layer.
class VehiclePainter {
public:
    VehiclePainter(QPainter& painter, const Theme& theme, const VehicleView& view, double half_m = 0.9)
        : m_painter(painter), m_theme(theme), m_view(view), m_half_m(half_m)
    {
    }

    void title(const DrawingFocus& focus);
    void body(const core::BodyShape& shape);
    void sides();                                                                  // L and R, from above
    void seats(const std::vector<DrawnThing>& things, const DrawingFocus& focus);  // the one that is listened from
    void things(const std::vector<DrawnThing>& things, const DrawingFocus& focus, const DrawnThing* current, bool held);
    // The whole vehicle as a small plan: a dot for each place, and what the large view shows of it.
    void smallPlan(const core::BodyShape& shape, const std::vector<DrawnThing>& things, const DrawingFocus& focus,
                   const VehicleView& large);
    [[nodiscard]] double radiusOf() const { return placeRadius(m_theme, m_view); }

private:
    void line(const core::ShapeLine& line);
    void place(const DrawnThing& thing, bool chosen);
    void seat(const DrawnThing& thing, bool listening);
    void source(const DrawnThing& thing, bool chosen);
    void spot(const DrawnThing& thing, bool current);
    void fresh(const DrawnThing& thing);
    void beside(const DrawnThing& thing, const QString& name, const QString& figures, bool strong);
    void labels();
    [[nodiscard]] QRectF strip(const SideLabel& label) const;  // the free room beside the vehicle at its height
    [[nodiscard]] QFont labelFont(bool bold) const;
    // A mark that stands in many spots, painted once.
    template <class Paint>
    void stamp(QPixmap& mark, const QPointF& centre, double radius, Paint paint);

    QPixmap m_placeMark{}, m_spotMark{};
    std::vector<SideLabel> m_labels{};  // of the view, drawn last so that none lies on another

    QPainter& m_painter;
    const Theme& m_theme;
    const VehicleView& m_view;
    double m_half_m;  // of the width
};

}  // namespace app
